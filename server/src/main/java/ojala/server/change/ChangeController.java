package ojala.server.change;

import java.util.List;
import ojala.server.judge.Verdicts;
import ojala.server.project.Project;
import ojala.server.project.Projects;
import ojala.wire.ChangePage;
import ojala.wire.ChangeSummary;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Pull requests with their verdicts over HTTP. */
@RestController
@RequestMapping("/api/v1/projects/{key}/changes")
class ChangeController {
    private final PullRequests pullRequests;
    private final Projects projects;
    private final Verdicts verdicts;

    ChangeController(PullRequests pullRequests, Projects projects, Verdicts verdicts) {
        this.pullRequests = pullRequests;
        this.projects = projects;
        this.verdicts = verdicts;
    }

    /** Open ones first, then by their last update, at most 500. */
    @GetMapping
    List<ChangeSummary> all(@PathVariable String key) {
        Project project = projects.get(key);
        return pullRequests.all(project).stream()
                .map(pullRequest -> summary(project, pullRequest))
                .toList();
    }

    @GetMapping("/{number}")
    ChangePage one(@PathVariable String key, @PathVariable int number) {
        Project project = projects.get(key);
        PullRequest pullRequest = pullRequests.get(project, number);
        return new ChangePage(
                summary(project, pullRequest),
                verdicts.newest(project, pullRequest.head(), pullRequest.target())
                        .orElse(null));
    }

    private ChangeSummary summary(Project project, PullRequest p) {
        return new ChangeSummary(
                p.number(),
                p.title(),
                p.source(),
                p.target(),
                p.head(),
                p.state(),
                p.updatedAt(),
                verdicts.summary(project, p.head(), p.target()).orElse(null));
    }
}
