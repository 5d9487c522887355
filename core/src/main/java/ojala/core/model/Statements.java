package ojala.core.model;

import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.stream.IntStream;

/**
 * The ranges of a source that a report calls statements, each with how many statements it holds and whether it ran.
 * Immutable: primitive arrays, no object per range; rising by place, no place twice.
 */
public final class Statements {
    public static final Statements NONE = new Statements(List.of());

    /** Line, column, last line, last column, how many, 1 if it ran: this many numbers a range. */
    private static final int WIDTH = 6;

    private static final Comparator<Range> ORDER = Comparator.comparingInt(Range::line)
            .thenComparingInt(Range::column)
            .thenComparingInt(Range::endLine)
            .thenComparingInt(Range::endColumn);

    private final int[] numbers;

    /**
     * One range.
     *
     * @param line where it starts, 1-based
     * @param column where it starts, 1-based; 0 where not known
     * @param endLine its last line
     * @param endColumn 0 where not known
     * @param howMany statements in it, 0 or more
     */
    public record Range(int line, int column, int endLine, int endColumn, int howMany, boolean covered) {
        /** The same range elsewhere. */
        public Range at(int otherLine, int otherEndLine) {
            return new Range(otherLine, column, otherEndLine, endColumn, howMany, covered);
        }

        private boolean samePlace(Range other) {
            return ORDER.compare(this, other) == 0;
        }

        private Range union(Range other) {
            return new Range(
                    line, column, endLine, endColumn, Math.max(howMany, other.howMany), covered || other.covered);
        }
    }

    /** The ranges in any order; what is told twice of a place is united. */
    public Statements(List<Range> ranges) {
        Range[] sorted = ranges.toArray(Range[]::new);
        Arrays.sort(sorted, ORDER);
        int[] all = new int[sorted.length * WIDTH];
        int size = 0;
        for (int i = 0; i < sorted.length; ) {
            Range united = sorted[i++];
            while (i < sorted.length && united.samePlace(sorted[i])) {
                united = united.union(sorted[i++]);
            }
            put(all, size++, united);
        }
        numbers = Arrays.copyOf(all, size * WIDTH);
    }

    private static void put(int[] numbers, int index, Range range) {
        int at = index * WIDTH;
        numbers[at] = range.line();
        numbers[at + 1] = range.column();
        numbers[at + 2] = range.endLine();
        numbers[at + 3] = range.endColumn();
        numbers[at + 4] = range.howMany();
        numbers[at + 5] = range.covered() ? 1 : 0;
    }

    public int size() {
        return numbers.length / WIDTH;
    }

    public Range at(int index) {
        int at = index * WIDTH;
        return new Range(
                numbers[at], numbers[at + 1], numbers[at + 2], numbers[at + 3], numbers[at + 4], numbers[at + 5] == 1);
    }

    public List<Range> ranges() {
        return IntStream.range(0, size()).mapToObj(this::at).toList();
    }

    public Statements union(Statements other) {
        if (other.size() == 0 || equals(other)) {
            return this;
        }
        return size() == 0
                ? other
                : new Statements(java.util.stream.Stream.concat(ranges().stream(), other.ranges().stream())
                        .toList());
    }

    /**
     * Of each line of a table, by index, whether a range that did not run touches it. Costs no more than both tables.
     */
    boolean[] missedOn(Lines lines) {
        int[] begins = new int[lines.size() + 1];
        for (int at = 0; at < numbers.length; at += WIDTH) {
            if (numbers[at + 5] == 0) {
                begins[lines.firstFrom(numbers[at])]++;
                begins[lines.firstFrom(numbers[at + 2] + 1)]--;
            }
        }
        boolean[] missed = new boolean[lines.size()];
        int open = 0;
        for (int i = 0; i < missed.length; i++) {
            open += begins[i];
            missed[i] = open > 0;
        }
        return missed;
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof Statements that && Arrays.equals(numbers, that.numbers);
    }

    @Override
    public int hashCode() {
        return Arrays.hashCode(numbers);
    }

    @Override
    public String toString() {
        return ranges().toString();
    }
}
