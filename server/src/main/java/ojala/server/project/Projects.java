package ojala.server.project;

import java.time.Clock;
import java.util.List;
import java.util.Optional;
import ojala.server.problem.ProblemType;
import ojala.server.problem.Refusal;
import ojala.wire.CodeHostDocument;
import ojala.wire.NewProject;
import org.springframework.stereotype.Service;

/** The projects that the service knows. */
@Service
public class Projects {
    private final ProjectMapper rows;
    private final Clock clock;

    Projects(ProjectMapper rows, Clock clock) {
        this.rows = rows;
        this.clock = clock;
    }

    /** The project with this key; refuses where there is none. */
    public Project get(String key) {
        return rows.byKey(key)
                .orElseThrow(() -> new Refusal(
                        ProblemType.NOT_FOUND, "there is no project " + key + ": add it with “ojala project add”"));
    }

    public Project get(long id) {
        return rows.byId(id).orElseThrow(() -> new IllegalStateException("project " + id + " is gone"));
    }

    public List<Project> all() {
        return rows.all();
    }

    Project add(NewProject wanted) {
        if (wanted.key() == null || !wanted.key().matches("[a-z0-9][a-z0-9-]{0,62}")) {
            throw new Refusal(
                    ProblemType.BAD_REQUEST,
                    "“" + wanted.key() + "” is no project key: small letters, digits and hyphens, at most 63");
        }
        if (wanted.repository() == null || wanted.repository().isBlank()) {
            throw new Refusal(ProblemType.BAD_REQUEST, "a project has a repository: name its URL");
        }
        Optional<CodeHostDocument> host = Optional.ofNullable(wanted.codeHost());
        if (host.isPresent()
                && (host.get().secret() == null || host.get().secret().length() < 16)) {
            throw new Refusal(
                    ProblemType.BAD_REQUEST, "a code host has a secret of 16 characters or more to sign calls with");
        }
        String branch = Optional.ofNullable(wanted.defaultBranch()).orElse("main");
        int added = rows.insert(
                wanted,
                branch,
                host.map(CodeHostDocument::url).orElse(null),
                host.map(CodeHostDocument::secret).orElse(null),
                clock.instant());
        if (added == 0) {
            throw new Refusal(
                    ProblemType.EXISTS_ALREADY, "there is a project " + wanted.key() + " already: choose another key");
        }
        return get(wanted.key());
    }
}
