package ojala.server.trend;

import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import ojala.git.CommitInfo;
import ojala.git.GitRepository;
import org.springframework.stereotype.Component;

/** The first-parent lines of branches, oldest first, remembered by their tip: what a tip's line is never changes. */
@Component
class FirstParents {
    /** Commits; a branch's older history is not drawn. */
    private static final int FURTHEST_BACK = 50_000;

    private static final int REMEMBERED = 16;

    private final Map<String, List<String>> lines =
            Collections.synchronizedMap(new LinkedHashMap<>(REMEMBERED, 0.75f, true) {
                private static final long serialVersionUID = 1;

                @Override
                protected boolean removeEldestEntry(Map.Entry<String, List<String>> eldest) {
                    return size() > REMEMBERED;
                }
            });

    List<String> of(GitRepository repository, CommitInfo tip) {
        List<String> known = lines.get(tip.id());
        if (known != null) {
            return known;
        }
        List<String> newestFirst = repository.firstParentIds(tip, FURTHEST_BACK);
        Collections.reverse(newestFirst);
        lines.put(tip.id(), List.copyOf(newestFirst));
        return newestFirst;
    }
}
