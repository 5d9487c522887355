package ojala.server.project;

import java.util.List;
import java.util.Optional;
import ojala.server.access.Tokens;
import ojala.server.change.PullRequests;
import ojala.server.judge.Verdicts;
import ojala.server.trend.Trends;
import ojala.wire.NewProject;
import ojala.wire.ProjectCreated;
import ojala.wire.ProjectDocument;
import ojala.wire.VerdictSummary;
import org.springframework.http.HttpStatus;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Projects over HTTP. */
@RestController
@RequestMapping("/api/v1/projects")
class ProjectController {
    private final Projects projects;
    private final PullRequests pullRequests;
    private final Verdicts verdicts;
    private final Trends trends;
    private final Tokens tokens;

    ProjectController(Projects projects, PullRequests pullRequests, Verdicts verdicts, Trends trends, Tokens tokens) {
        this.trends = trends;
        this.projects = projects;
        this.pullRequests = pullRequests;
        this.verdicts = verdicts;
        this.tokens = tokens;
    }

    @GetMapping
    List<ProjectDocument> all() {
        return projects.all().stream().map(this::document).toList();
    }

    @GetMapping("/{key}")
    ProjectDocument one(@PathVariable String key) {
        return document(projects.get(key));
    }

    @PostMapping
    @ResponseStatus(HttpStatus.CREATED)
    @Transactional
    public ProjectCreated add(@RequestBody NewProject wanted) {
        Project project = projects.add(wanted);
        return new ProjectCreated(document(project), tokens.createDelivery(project));
    }

    private ProjectDocument document(Project project) {
        Optional<VerdictSummary> branch = trends.newestMeasured(project, project.defaultBranch())
                .flatMap(head -> verdicts.summary(project, head, project.defaultBranch()))
                .or(() -> verdicts.newestOfTarget(project, project.defaultBranch()));
        return new ProjectDocument(
                project.key(),
                project.repository(),
                project.defaultBranch(),
                project.codeHostUrl(),
                pullRequests.countOpen(project),
                branch.orElse(null),
                branch.flatMap(newest -> trends.weekBefore(project, project.defaultBranch(), newest.head()))
                        .orElse(null),
                project.createdAt());
    }
}
