package ojala.server.judge;

import java.util.List;
import ojala.server.problem.ProblemType;
import ojala.server.problem.Refusal;
import ojala.server.project.Project;
import ojala.server.project.Projects;
import ojala.wire.VerdictDocument;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Verdicts over HTTP. */
@RestController
@RequestMapping("/api/v1/projects/{key}/commits/{head}/verdicts")
class VerdictController {
    private final Verdicts verdicts;
    private final Projects projects;

    VerdictController(Verdicts verdicts, Projects projects) {
        this.verdicts = verdicts;
        this.projects = projects;
    }

    /** The newest verdict of a commit for each of its targets; empty while the first is being made. */
    @GetMapping
    List<VerdictDocument> ofHead(@PathVariable String key, @PathVariable String head) {
        Project project = projects.get(key);
        if (!verdicts.known(project, head)) {
            throw new Refusal(
                    ProblemType.NOT_FOUND,
                    "nothing is known of commit " + head + " in project " + key + ": deliver something for it first");
        }
        return verdicts.ofHead(project, head);
    }
}
