package ojala.core.format;

/** Which numbers can be that of a line. */
public final class LineNumber {
    /** A source longer than this is taken for a damaged report. */
    public static final int LAST = 10_000_000;

    private LineNumber() {}

    /**
     * Whether a number can be that of a line; one that can't is noted, and is to be left out.
     *
     * @param place the line of the report that names it
     */
    public static boolean isPossible(long line, long place, ReportSink sink) {
        if (line > 0 && line <= LAST) {
            return true;
        }
        sink.note(NoteKind.IMPOSSIBLE_LINE, place, "line " + line + " of a source is left out");
        return false;
    }
}
