package ojala.server.change;

import java.util.List;
import ojala.server.problem.ProblemType;
import ojala.server.problem.Refusal;
import ojala.server.project.Project;
import ojala.server.store.LikePattern;
import org.springframework.stereotype.Service;

/** The pull requests that the service knows of. */
@Service
public class PullRequests {
    private final PullRequestMapper rows;

    PullRequests(PullRequestMapper rows) {
        this.rows = rows;
    }

    public void save(Project project, PullRequest pullRequest) {
        rows.save(project.id(), pullRequest);
    }

    public List<PullRequest> openWithHead(Project project, String head) {
        return rows.openWithHead(project.id(), head);
    }

    public int countOpen(Project project) {
        return rows.countOpen(project.id());
    }

    /** Those with that number, or with the text in their title or branch; open ones first. */
    public List<PullRequest> search(Project project, String text, int most) {
        return rows.search(project.id(), text, LikePattern.within(text), most);
    }

    List<PullRequest> all(Project project) {
        return rows.all(project.id());
    }

    PullRequest get(Project project, int number) {
        return rows.find(project.id(), number)
                .orElseThrow(() -> new Refusal(
                        ProblemType.NOT_FOUND, "project " + project.key() + " has no pull request " + number));
    }
}
