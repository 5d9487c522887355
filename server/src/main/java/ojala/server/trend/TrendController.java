package ojala.server.trend;

import java.util.Optional;
import ojala.core.model.CountName;
import ojala.server.problem.ProblemType;
import ojala.server.problem.Refusal;
import ojala.server.project.Project;
import ojala.server.project.Projects;
import ojala.wire.TrendDocument;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Trends over HTTP. */
@RestController
class TrendController {
    private static final int MOST_POINTS = 2000;

    private final Projects projects;
    private final Trends trends;

    TrendController(Projects projects, Trends trends) {
        this.projects = projects;
        this.trends = trends;
    }

    /**
     * The trend of a branch.
     *
     * @param branch the default branch, if none is named
     * @param area the whole, if none is named
     * @param most how many points, 4 to 2000
     */
    @GetMapping("/api/v1/projects/{key}/trend")
    TrendDocument trend(
            @PathVariable String key,
            @RequestParam(required = false) @Nullable String branch,
            @RequestParam(required = false) @Nullable String area,
            @RequestParam(defaultValue = "lines") String count,
            @RequestParam(defaultValue = "600") int most) {
        Project project = projects.get(key);
        if (most < 4 || most > MOST_POINTS) {
            throw new Refusal(ProblemType.BAD_REQUEST, "most is " + most + ": it must be 4 to " + MOST_POINTS);
        }
        if (CountName.ofWord(count).isEmpty()) {
            throw new Refusal(
                    ProblemType.BAD_REQUEST, "there is no count “" + count + "”: it is one of " + CountName.words());
        }
        return trends.read(
                project,
                Optional.ofNullable(branch).orElse(project.defaultBranch()),
                Optional.ofNullable(area).orElse(TrendEntry.WHOLE),
                count,
                most);
    }
}
