package ojala.core.merge;

import java.util.Arrays;
import ojala.core.model.Lines;

/** The union of two sorted line tables: one pass over both, the later state wins where both have the line. */
final class LineUnion {
    private final int[] numbers;
    private final byte[] states;
    private int size;

    private LineUnion(int capacity) {
        numbers = new int[capacity];
        states = new byte[capacity];
    }

    static Lines of(Lines a, Lines b) {
        return a.listsSameLinesAs(b) ? a.unionOfSameLines(b) : interleaved(a, b).lines();
    }

    private static LineUnion interleaved(Lines a, Lines b) {
        LineUnion union = new LineUnion(a.size() + b.size());
        int i = 0;
        int j = 0;
        while (i < a.size() || j < b.size()) {
            int left = i < a.size() ? a.number(i) : Integer.MAX_VALUE;
            int right = j < b.size() ? b.number(j) : Integer.MAX_VALUE;
            int line = Math.min(left, right);
            int state = 0;
            if (left == line) {
                state = a.state(i++).code();
            }
            if (right == line) {
                state = Math.max(state, b.state(j++).code());
            }
            union.numbers[union.size] = line;
            union.states[union.size++] = (byte) state;
        }
        return union;
    }

    private Lines lines() {
        return new Lines(Arrays.copyOf(numbers, size), Arrays.copyOf(states, size));
    }
}
