package ojala.core.format;

import java.util.Arrays;
import java.util.SortedMap;
import java.util.TreeMap;
import ojala.core.model.Count;
import ojala.core.model.Portions;

/** Portions of lines in the order in which they came, in a growing array; what is told twice of a line adds up. */
final class PortionList {
    private static final int WIDTH = 3;

    private int[] numbers = new int[64 * WIDTH];
    private int size;
    private boolean rising = true;

    void clear() {
        size = 0;
        rising = true;
    }

    void add(int line, int covered, int total) {
        int at = size * WIDTH;
        if (at == numbers.length) {
            numbers = Arrays.copyOf(numbers, at * 2);
        }
        rising &= size == 0 || numbers[at - WIDTH] < line;
        numbers[at] = line;
        numbers[at + 1] = covered;
        numbers[at + 2] = total;
        size++;
    }

    Portions portions() {
        if (size == 0) {
            return Portions.NONE;
        }
        if (rising) {
            return Portions.ofRising(Arrays.copyOf(numbers, size * WIDTH));
        }
        SortedMap<Integer, Count> byLine = new TreeMap<>();
        for (int at = 0; at < size * WIDTH; at += WIDTH) {
            byLine.merge(numbers[at], new Count(numbers[at + 1], numbers[at + 2]), PortionList::sum);
        }
        return Portions.of(byLine);
    }

    /** A sum that stays at what an {@code int} holds. */
    private static Count sum(Count a, Count b) {
        Count sum = a.plus(b);
        return new Count(Math.min(sum.covered(), Integer.MAX_VALUE), Math.min(sum.total(), Integer.MAX_VALUE));
    }
}
