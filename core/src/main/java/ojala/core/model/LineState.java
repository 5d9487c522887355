package ojala.core.model;

/** What tests did to a measurable line. The order is the merging order: the later state wins. */
public enum LineState {
    MISSED,
    /** Reached, though a part of the line did not run. Counts as covered, is drawn in pieces. */
    PARTIAL,
    COVERED;

    private static final LineState[] BY_CODE = values();

    public static LineState ofCode(int code) {
        return BY_CODE[code];
    }

    /** The code in canonical bytes. */
    public int code() {
        return ordinal();
    }
}
