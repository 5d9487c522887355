package ojala.core.model;

import java.util.Comparator;

/**
 * The identity of one side of a branch on a line: the place that branches and the way taken from it, in the writer's
 * own words.
 */
public record Side(String block, String way) implements Comparable<Side> {
    private static final Comparator<Side> ORDER =
            Comparator.comparing(Side::block, Side::naturally).thenComparing(Side::way, Side::naturally);

    @Override
    public int compareTo(Side other) {
        return ORDER.compare(this, other);
    }

    /** Shorter texts first, so that numbers come in their order. */
    private static int naturally(String a, String b) {
        return a.length() != b.length() ? Integer.compare(a.length(), b.length()) : a.compareTo(b);
    }
}
