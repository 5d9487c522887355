package ojala.server.judge;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import ojala.server.change.PullRequests;
import ojala.server.delivery.Delivery;
import ojala.server.project.Project;
import ojala.wire.Json;
import ojala.wire.Manifest;
import org.springframework.stereotype.Component;

/**
 * Finds out what a head is judged for: the open pull requests that it is the head of, those that its deliveries name,
 * or the branch that it was pushed to.
 */
@Component
class Targets {
    private final PullRequests pullRequests;

    Targets(PullRequests pullRequests) {
        this.pullRequests = pullRequests;
    }

    List<Target> of(Project project, String head, List<Delivery> deliveries) {
        Map<String, Target> byBranch = new LinkedHashMap<>();
        pullRequests
                .openWithHead(project, head)
                .forEach(change -> byBranch.put(change.target(), new Target(change.target(), change.number())));
        for (Delivery delivery : deliveries) {
            Manifest manifest = Json.read(delivery.manifest(), Manifest.class);
            if (manifest.target() != null) {
                int number = manifest.pullRequest() == null ? 0 : manifest.pullRequest();
                byBranch.putIfAbsent(manifest.target(), new Target(manifest.target(), number));
            } else if (manifest.branch() != null) {
                byBranch.putIfAbsent(manifest.branch(), new Target(manifest.branch(), null));
            }
        }
        return List.copyOf(byBranch.values());
    }
}
