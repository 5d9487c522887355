package ojala.core.format;

import java.util.Arrays;

/** The order of things by their lines; those of one line stay in the order in which they came. */
final class LineOrder {
    private LineOrder() {}

    /** The indexes of the first {@code size} lines, by line. Sorts primitives: runs that rise cost next to nothing. */
    static int[] of(int[] lines, int size) {
        long[] keys = new long[size];
        for (int i = 0; i < size; i++) {
            keys[i] = (long) lines[i] << 32 | i;
        }
        Arrays.sort(keys);
        int[] order = new int[size];
        for (int i = 0; i < size; i++) {
            order[i] = (int) keys[i];
        }
        return order;
    }
}
