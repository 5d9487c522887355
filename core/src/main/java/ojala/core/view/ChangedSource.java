package ojala.core.view;

import java.util.Optional;
import ojala.core.change.FileChange;
import ojala.core.model.Counts;
import ojala.core.model.LineSet;
import ojala.core.model.SourceCoverage;

/**
 * A file that a change adds or modifies, as tests reach it.
 *
 * @param changed its added and modified lines
 * @param covered those of them that some test reaches
 * @param missed those of them that none does: the bare lines
 * @param notMeasurable those of them that no report lists; empty for an unmeasured file, where nothing is known
 * @param counts over the changed lines
 */
public record ChangedSource(
        String path,
        Optional<String> oldPath,
        Standing standing,
        LineSet changed,
        LineSet covered,
        LineSet missed,
        LineSet notMeasurable,
        Counts counts) {

    /** @param coverage the file's coverage at the head; absent if no report mentions it */
    public static ChangedSource of(FileChange change, Standing standing, Optional<SourceCoverage> coverage) {
        LineSet changed = change.changed();
        if (coverage.isEmpty()) {
            return new ChangedSource(
                    change.path(),
                    change.oldPath(),
                    standing,
                    changed,
                    LineSet.EMPTY,
                    LineSet.EMPTY,
                    LineSet.EMPTY,
                    Counts.NONE);
        }
        SourceCoverage found = coverage.get();
        return new ChangedSource(
                change.path(),
                change.oldPath(),
                standing,
                changed,
                changed.intersect(found.lines().covered()),
                changed.intersect(found.lines().missed()),
                changed.minus(found.lines().measurable()),
                found.countsWithin(changed));
    }
}
