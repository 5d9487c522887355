package ojala.server.trend;

import java.util.Collections;
import java.util.List;
import ojala.git.CommitInfo;
import ojala.git.GitRepository;
import ojala.server.store.LastUsed;
import org.springframework.stereotype.Component;

/** The first-parent lines of branches, oldest first, remembered by their tip: what a tip's line is never changes. */
@Component
class FirstParents {
    /** Commits; a branch's older history is not drawn. */
    private static final int FURTHEST_BACK = 50_000;

    private static final int REMEMBERED = 16;

    private final LastUsed<String, List<String>> lines = new LastUsed<>(REMEMBERED);

    List<String> of(GitRepository repository, CommitInfo tip) {
        return lines.get(tip.id(), id -> {
            List<String> newestFirst = repository.firstParentIds(tip, FURTHEST_BACK);
            Collections.reverse(newestFirst);
            return List.copyOf(newestFirst);
        });
    }
}
