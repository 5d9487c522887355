package ojala.server.commit;

import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import ojala.git.GitRepository;
import ojala.server.mirror.Mirrors;
import ojala.server.problem.Refusal;
import ojala.server.project.Project;
import ojala.wire.Documents;
import ojala.wire.SearchHit;
import org.springframework.stereotype.Service;

/** The files of a project's default branch, for looking them up by name. */
@Service
public class CommitFiles {
    private final Mirrors mirrors;
    private final CommitViews views;

    CommitFiles(Mirrors mirrors, CommitViews views) {
        this.mirrors = mirrors;
        this.views = views;
    }

    /**
     * Files whose path has the text in it; those whose own name begins with it first, then shorter paths.
     *
     * @param wanted in lower case
     */
    public List<SearchHit> search(Project project, String wanted, int most) {
        try (GitRepository repository = mirrors.of(project).open()) {
            CommitView seen = views.of(project, repository, views.resolve(project, repository, ""));
            return seen.view().below("").entrySet().stream()
                    .filter(file -> file.getKey().toLowerCase(Locale.ROOT).contains(wanted))
                    .sorted(Comparator.<java.util.Map.Entry<String, ?>>comparingInt(
                                    file -> name(file.getKey()).startsWith(wanted) ? 0 : 1)
                            .thenComparingInt(file -> file.getKey().length())
                            .thenComparing(java.util.Map.Entry::getKey))
                    .limit(most)
                    .map(file -> new SearchHit(
                            "file",
                            file.getKey(),
                            Documents.word(file.getValue()),
                            seen.commit().id()))
                    .toList();
        } catch (Refusal nothingMeasured) {
            return List.of();
        }
    }

    private static String name(String path) {
        return path.substring(path.lastIndexOf('/') + 1).toLowerCase(Locale.ROOT);
    }
}
