package ojala.core.format;

/**
 * How many lines the ranges of one report may spread over, so that a few bytes can't become very many lines: a million,
 * and a hundred more for each range.
 */
public final class Spread {
    /** The reason of a refusal. */
    public static final String TOO_WIDE = "its ranges spread over far more lines than sources have: it is damaged";

    private static final int FIRST = 1_000_000;
    private static final int EACH = 100;

    private long left = FIRST;

    /** Whether the lines from first to last may be spread over too. */
    public boolean allows(int first, int last) {
        left += EACH - (long) (last - first);
        return left >= 0;
    }
}
