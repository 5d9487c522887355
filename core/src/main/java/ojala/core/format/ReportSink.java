package ojala.core.format;

import ojala.core.model.LineState;

/**
 * Takes what a reader finds, as it finds it. A reader calls {@link #startSource}, then what it knows of that source in
 * any order, then {@link #endSource}; the same source may come again and adds up. Lines and columns are 1-based.
 */
public interface ReportSink {
    /** A folder that paths of this report may be relative to, as the report names it. */
    void root(String folder);

    /** Opens a source under the path that the report gives it, as it stands there. */
    void startSource(String reportedPath);

    /**
     * Opens a source that may have been there before, of the same run: what is said again is the same thing, not more
     * of it, so that of two hit counts of a line the higher one stands.
     */
    void resumeSource(String reportedPath);

    /** Names the test that the lines from here to the end of the source belong to. */
    void test(String name);

    /** A measurable line that ran {@code hits} times, 0 or more; repeats add up. */
    void line(int line, long hits);

    /** A line told by {@link #line} of which a part did not run; means nothing of a line that never ran. */
    void partial(int line);

    /** A measurable line of a format that counts no hits; the source then has none at all. */
    void state(int line, LineState state);

    /** A line that a named test reached, where the report says so line by line. */
    void reached(int line, String test);

    /** A range that the report calls a statement, or several; columns are 0 where not known; repeats are united. */
    void statement(int line, int column, int endLine, int endColumn, int howMany, boolean covered);

    /** Instructions of the machine on a line; repeats add up. */
    void instructions(int line, int covered, int total);

    /** Calls on a line, and how many of them came to happen; repeats add up. */
    void calls(int line, int covered, int total);

    /** One side of a branch whose identity the writer guarantees; repeats are united. */
    void branchSide(int line, String block, String way, boolean taken);

    /** Sides of a line whose identity is not known; repeats add up. */
    void branchCount(int line, int covered, int total, boolean atLeast);

    /** A function; {@code column}, {@code endLine} and {@code complexity} are 0 where not known. */
    void function(int line, int column, int endLine, String name, boolean covered, int complexity);

    /** One outcome of a condition, for MC/DC. */
    void condition(int line, int groupSize, int index, String sense, String expression, boolean covered);

    void endSource();

    /** Something was left out on purpose; counted under {@code what}. */
    void skipped(String what);

    /** Something was odd and is worth telling; the report is read all the same. */
    void note(NoteKind kind, long line, String message);
}
