package ojala.core.format;

import java.util.function.LongSupplier;

/** Which numbers can be that of a line. */
public final class LineNumber {
    /** A source longer than this is taken for a damaged report. */
    public static final int LAST = 10_000_000;

    private LineNumber() {}

    /**
     * Whether a number can be that of a line; one that can't is noted, and is to be left out.
     *
     * @param place tells the line of the report that names it; asked only for a note
     */
    public static boolean isPossible(long line, LongSupplier place, ReportSink sink) {
        if (line > 0 && line <= LAST) {
            return true;
        }
        sink.note(NoteKind.IMPOSSIBLE_LINE, place.getAsLong(), "line " + line + " of a source is left out");
        return false;
    }
}
