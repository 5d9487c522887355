package ojala.core.model;

import java.util.Arrays;
import java.util.stream.IntStream;

/**
 * The measurable lines of one source, rising, each with its state. Immutable: two primitive arrays, no object per line.
 */
public final class Lines {
    public static final Lines NONE = new Lines(new int[0], new byte[0]);

    private final int[] numbers;
    private final byte[] states;

    /** Takes the arrays over; {@code numbers} rises strictly, {@code states} holds {@link LineState#code()}. */
    public Lines(int[] numbers, byte[] states) {
        if (numbers.length != states.length) {
            throw new IllegalArgumentException(numbers.length + " lines with " + states.length + " states");
        }
        for (int i = 0; i < numbers.length; i++) {
            if (numbers[i] <= (i == 0 ? 0 : numbers[i - 1])) {
                throw new IllegalArgumentException("line " + numbers[i] + " is out of order");
            }
        }
        this.numbers = numbers;
        this.states = states;
    }

    /** Whether both list the same lines, as reports of one source mostly do. Costs one comparison of arrays. */
    public boolean listsSameLinesAs(Lines other) {
        return Arrays.equals(numbers, other.numbers);
    }

    /** The union with a table of the same lines: the later state of each wins. */
    public Lines unionOfSameLines(Lines other) {
        byte[] later = states.clone();
        for (int i = 0; i < later.length; i++) {
            later[i] = (byte) Math.max(later[i], other.states[i]);
        }
        return new Lines(later, numbers);
    }

    /** Shares numbers that were checked already. */
    private Lines(byte[] states, int[] checkedNumbers) {
        this.numbers = checkedNumbers;
        this.states = states;
    }

    public int size() {
        return numbers.length;
    }

    /** The line number at an index from 0. */
    public int number(int index) {
        return numbers[index];
    }

    /** The state at an index from 0. */
    public LineState state(int index) {
        return LineState.ofCode(states[index]);
    }

    /** The index of a line, negative if the line is not measurable. */
    public int indexOf(int line) {
        return Arrays.binarySearch(numbers, line);
    }

    /** The index of the first line from a line on; the size if there is none. */
    int firstFrom(int line) {
        int at = Arrays.binarySearch(numbers, line);
        return at < 0 ? -at - 1 : at;
    }

    public int last() {
        return numbers.length == 0 ? 0 : numbers[numbers.length - 1];
    }

    public LineSet measurable() {
        return LineSet.of(numbers);
    }

    public LineSet covered() {
        return with(index -> states[index] != LineState.MISSED.code());
    }

    public LineSet missed() {
        return with(index -> states[index] == LineState.MISSED.code());
    }

    private LineSet with(java.util.function.IntPredicate index) {
        return LineSet.of(IntStream.range(0, numbers.length)
                .filter(index)
                .map(i -> numbers[i])
                .toArray());
    }

    public Count count() {
        int covered = 0;
        for (byte state : states) {
            covered += state == 0 ? 0 : 1;
        }
        return new Count(covered, states.length);
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof Lines lines
                && Arrays.equals(numbers, lines.numbers)
                && Arrays.equals(states, lines.states);
    }

    @Override
    public int hashCode() {
        return 31 * Arrays.hashCode(numbers) + Arrays.hashCode(states);
    }

    @Override
    public String toString() {
        return "covered " + covered() + ", missed " + missed();
    }
}
