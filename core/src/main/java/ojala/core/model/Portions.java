package ojala.core.model;

import java.util.Arrays;
import java.util.SortedMap;
import java.util.TreeMap;
import java.util.function.IntUnaryOperator;

/**
 * Things of a line that a report only counts, covered out of total: machine instructions, calls. Immutable; rising by
 * line, no line twice.
 */
public final class Portions {
    public static final Portions NONE = new Portions(new int[0]);

    /** Line, covered, total: this many numbers a line. */
    private static final int WIDTH = 3;

    private final int[] numbers;

    private Portions(int[] numbers) {
        this.numbers = numbers;
    }

    /** Takes over numbers that are line, covered, total of each line, rising by line. */
    public static Portions ofRising(int[] numbers) {
        for (int at = 0; at < numbers.length; at += WIDTH) {
            boolean rises = numbers[at] > (at == 0 ? 0 : numbers[at - WIDTH]);
            if (!rises || numbers[at + 1] < 0 || numbers[at + 1] > numbers[at + 2]) {
                throw new IllegalArgumentException(
                        "line " + numbers[at] + ", " + numbers[at + 1] + " of " + numbers[at + 2]);
            }
        }
        return new Portions(numbers);
    }

    public static Portions of(SortedMap<Integer, Count> byLine) {
        int[] numbers = new int[byLine.size() * WIDTH];
        int at = 0;
        for (var entry : byLine.entrySet()) {
            numbers[at++] = entry.getKey();
            numbers[at++] = Math.toIntExact(entry.getValue().covered());
            numbers[at++] = Math.toIntExact(entry.getValue().total());
        }
        return new Portions(numbers);
    }

    public int size() {
        return numbers.length / WIDTH;
    }

    /** The line at an index from 0. */
    public int line(int index) {
        return numbers[index * WIDTH];
    }

    public Count count(int index) {
        return new Count(numbers[index * WIDTH + 1], numbers[index * WIDTH + 2]);
    }

    /**
     * The larger covered with the larger total, line by line: which of a line's parts two runs reached is not told, so
     * that the true number may be higher.
     */
    public Portions union(Portions other) {
        if (other.size() == 0 || equals(other)) {
            return this;
        }
        SortedMap<Integer, Count> union = byLine();
        other.byLine()
                .forEach((line, count) -> union.merge(
                        line,
                        count,
                        (a, b) -> new Count(Math.max(a.covered(), b.covered()), Math.max(a.total(), b.total()))));
        return of(union);
    }

    /** The same on other lines; a line that {@code map} gives 0 for is left out. */
    public Portions at(IntUnaryOperator map) {
        SortedMap<Integer, Count> mapped = new TreeMap<>();
        byLine().forEach((line, count) -> {
            if (map.applyAsInt(line) > 0) {
                mapped.put(map.applyAsInt(line), count);
            }
        });
        return of(mapped);
    }

    public SortedMap<Integer, Count> byLine() {
        SortedMap<Integer, Count> byLine = new TreeMap<>();
        for (int i = 0; i < size(); i++) {
            byLine.put(line(i), count(i));
        }
        return byLine;
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof Portions that && Arrays.equals(numbers, that.numbers);
    }

    @Override
    public int hashCode() {
        return Arrays.hashCode(numbers);
    }

    @Override
    public String toString() {
        return byLine().toString();
    }
}
