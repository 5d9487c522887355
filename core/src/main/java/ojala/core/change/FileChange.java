package ojala.core.change;

import java.util.List;
import java.util.Optional;
import ojala.core.model.LineSet;

/**
 * A file that differs between two commits and exists in the newer one.
 *
 * @param oldPath its path in the older commit; absent if it is new there
 * @param edits in rising order
 */
public record FileChange(String path, Optional<String> oldPath, List<Edit> edits) {
    public FileChange {
        edits = List.copyOf(edits);
    }

    /** The lines of the newer version that were added or modified. */
    public LineSet changed() {
        return edits.stream()
                .map(edit -> LineSet.range(edit.newFirst(), edit.newFirst() + edit.newCount() - 1))
                .reduce(LineSet.EMPTY, LineSet::union);
    }
}
