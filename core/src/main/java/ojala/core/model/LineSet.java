package ojala.core.model;

import java.util.Arrays;
import java.util.function.IntPredicate;
import java.util.stream.IntStream;

/**
 * A set of 1-based line numbers, kept sorted. Immutable; every operation costs the sum of the sizes.
 *
 * <p>Its text is closed ranges in rising order, {@code 1-3,7}; the empty set is the empty text.
 */
public final class LineSet {
    public static final LineSet EMPTY = new LineSet(new int[0]);

    private final int[] lines;

    private LineSet(int[] sortedDistinct) {
        this.lines = sortedDistinct;
    }

    /** The set of these lines, in any order, repeats allowed. */
    public static LineSet of(int... lines) {
        if (lines.length == 0) {
            return EMPTY;
        }
        return new LineSet(
                isRising(lines)
                        ? lines.clone()
                        : IntStream.of(lines).sorted().distinct().toArray());
    }

    private static boolean isRising(int[] lines) {
        for (int i = 1; i < lines.length; i++) {
            if (lines[i] <= lines[i - 1]) {
                return false;
            }
        }
        return true;
    }

    /** The lines {@code first} to {@code last}, both included; empty if {@code last < first}. */
    public static LineSet range(int first, int last) {
        return last < first
                ? EMPTY
                : new LineSet(IntStream.rangeClosed(first, last).toArray());
    }

    /** Reads the text form; throws {@link IllegalArgumentException} for anything else. */
    public static LineSet parse(String text) {
        if (text.isEmpty()) {
            return EMPTY;
        }
        return of(
                Arrays.stream(text.split(",")).flatMapToInt(LineSet::parseRange).toArray());
    }

    private static IntStream parseRange(String range) {
        int dash = range.indexOf('-');
        if (dash < 0) {
            return IntStream.of(Integer.parseInt(range));
        }
        return IntStream.rangeClosed(
                Integer.parseInt(range.substring(0, dash)), Integer.parseInt(range.substring(dash + 1)));
    }

    public int size() {
        return lines.length;
    }

    public boolean isEmpty() {
        return lines.length == 0;
    }

    public boolean contains(int line) {
        return Arrays.binarySearch(lines, line) >= 0;
    }

    /** A copy, rising. */
    public int[] toArray() {
        return lines.clone();
    }

    public IntStream stream() {
        return Arrays.stream(lines);
    }

    public LineSet filter(IntPredicate keep) {
        return new LineSet(Arrays.stream(lines).filter(keep).toArray());
    }

    public LineSet union(LineSet other) {
        return of(IntStream.concat(stream(), other.stream()).toArray());
    }

    public LineSet intersect(LineSet other) {
        return filter(other::contains);
    }

    public LineSet minus(LineSet other) {
        return filter(line -> !other.contains(line));
    }

    @Override
    public String toString() {
        StringBuilder text = new StringBuilder();
        for (int i = 0; i < lines.length; ) {
            int j = i;
            while (j + 1 < lines.length && lines[j + 1] == lines[j] + 1) {
                j++;
            }
            text.append(text.length() == 0 ? "" : ",").append(lines[i]);
            if (j > i) {
                text.append('-').append(lines[j]);
            }
            i = j + 1;
        }
        return text.toString();
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof LineSet set && Arrays.equals(lines, set.lines);
    }

    @Override
    public int hashCode() {
        return Arrays.hashCode(lines);
    }
}
