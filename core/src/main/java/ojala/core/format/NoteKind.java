package ojala.core.format;

/** What can be odd about a report that is read all the same. */
public enum NoteKind {
    /** The report stops where its format asks for an end. */
    NO_END,
    /** A summary in the report is not the number of its records. */
    SUMMARY_DISAGREES,
    NEGATIVE_HITS,
    /** A line number that can't be one. */
    IMPOSSIBLE_LINE,
    /** The report names what ran only, so that nothing can be shown as missed. */
    NO_MISSES,
    /** A branching line does not say how many sides it has. */
    NO_BRANCH_COUNTS,
    /** The report was made from another text of a source than the one at hand. */
    OTHER_SOURCE,
    /** A record that names something that was never declared. */
    DANGLING
}
