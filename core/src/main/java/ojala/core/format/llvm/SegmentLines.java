package ojala.core.format.llvm;

import ojala.core.format.LineHits;
import ojala.core.format.Spread;

/**
 * Makes lines of segments by LLVM's rule (LineCoverageStats): a line ran as often as the region that ran most of those
 * starting on it and the segment that reaches into it, gap regions aside; a line that starts with a skipped region, and
 * one that nothing counted reaches, is no line. Segments come in order.
 */
final class SegmentLines {
    private final Spread spread;
    private final LineHits lines = new LineHits();
    private int line;
    private boolean any;

    // the last segment of the line before that has one
    private boolean wrapped;
    private boolean wrappedCounts;
    private long wrappedCount;

    // the segments of the line
    private boolean startsSkipped;
    private int starts;
    private long most;
    private boolean oneMissed;
    private boolean lastCounts;
    private long lastCount;

    SegmentLines(Spread spread) {
        this.spread = spread;
    }

    void clear() {
        lines.clear();
        line = 0;
        any = false;
        wrapped = false;
    }

    /** Takes the next segment; false if its line lies impossibly far off. One that is out of order is left out. */
    boolean add(int at, long count, boolean hasCount, boolean entry, boolean gap) {
        if (at < line) {
            return true;
        }
        if (at > line) {
            if (!goTo(at)) {
                return false;
            }
            startsSkipped = !hasCount && entry;
            starts = 0;
            most = 0;
            oneMissed = false;
        }
        if (hasCount && entry && !gap) {
            starts++;
            most = Math.max(most, count);
            oneMissed |= count == 0;
        }
        any = true;
        lastCounts = hasCount;
        lastCount = count;
        return true;
    }

    private boolean goTo(int next) {
        if (any) {
            if (!spread.allows(line, next)) {
                return false;
            }
            finish();
            wrapped = true;
            wrappedCounts = lastCounts;
            wrappedCount = lastCount;
            for (int between = line + 1; between < next && wrappedCounts; between++) {
                lines.touch(between, wrappedCount);
            }
        }
        line = next;
        return true;
    }

    /** Ends the line of the segments that came last. */
    void finish() {
        if (!any) {
            return;
        }
        boolean mapped = starts > 0 || (!startsSkipped && wrapped && wrappedCounts);
        if (mapped) {
            long hits = Math.max(wrapped ? wrappedCount : 0, most);
            lines.touch(line, hits);
            if (oneMissed && hits > 0) {
                lines.touch(line, 0);
            }
        }
    }

    void forEach(LineHits.Taker taker) {
        lines.forEach(taker);
    }
}
