package ojala.server.search;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import ojala.server.change.PullRequests;
import ojala.server.commit.CommitFiles;
import ojala.server.project.Project;
import ojala.server.project.Projects;
import ojala.server.trend.Trends;
import ojala.wire.SearchHit;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Finds files, pull requests and commits of a project by their names, over HTTP. */
@RestController
class SearchController {
    /** Of each kind. */
    private static final int MOST = 12;

    private static final int LONGEST = 200;

    private final Projects projects;
    private final CommitFiles files;
    private final PullRequests pullRequests;
    private final Trends trends;

    SearchController(Projects projects, CommitFiles files, PullRequests pullRequests, Trends trends) {
        this.projects = projects;
        this.files = files;
        this.pullRequests = pullRequests;
        this.trends = trends;
    }

    /** At most twelve of each kind: files of the default branch first, then pull requests, then commits. */
    @GetMapping("/api/v1/projects/{key}/search")
    List<SearchHit> search(@PathVariable String key, @RequestParam String text) {
        Project project = projects.get(key);
        String wanted = text.strip().toLowerCase(Locale.ROOT);
        if (wanted.isEmpty() || wanted.length() > LONGEST) {
            return List.of();
        }
        List<SearchHit> hits = new ArrayList<>(files.search(project, wanted, MOST));
        pullRequests
                .search(project, wanted.replaceFirst("^#", ""), MOST)
                .forEach(found ->
                        hits.add(new SearchHit("change", String.valueOf(found.number()), found.title(), null)));
        trends.search(project, wanted, MOST)
                .forEach(found -> hits.add(new SearchHit("commit", found.commit(), found.subject(), null)));
        return hits;
    }
}
