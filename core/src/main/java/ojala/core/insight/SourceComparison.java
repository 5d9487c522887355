package ojala.core.insight;

import java.util.Optional;
import ojala.core.change.FileChange;
import ojala.core.change.LineMap;
import ojala.core.model.LineSet;
import ojala.core.model.Lines;

/**
 * One file in two commits. All lines are those of the newer one.
 *
 * @param lost unchanged lines that were covered and are missed
 * @param gained unchanged lines that were missed and are covered
 * @param bare lines that are new or changed, and missed
 */
public record SourceComparison(LineSet lost, LineSet gained, LineSet bare) {
    /**
     * Compares what two commits measured of a file.
     *
     * @param change between the two; empty if the file's text is the same
     */
    public static SourceComparison of(Lines before, Lines after, Optional<FileChange> change) {
        LineMap map = new LineMap(change.map(FileChange::edits).orElse(java.util.List.of()));
        LineSet changed = change.map(FileChange::changed).orElse(LineSet.EMPTY);
        return new SourceComparison(
                moved(before.covered(), map).intersect(after.missed()),
                moved(before.missed(), map).intersect(after.covered()),
                changed.intersect(after.missed()));
    }

    private static LineSet moved(LineSet lines, LineMap map) {
        return LineSet.of(lines.stream().map(map::map).filter(line -> line > 0).toArray());
    }
}
