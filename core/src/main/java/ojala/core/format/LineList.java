package ojala.core.format;

import java.util.Arrays;
import ojala.core.model.LineSet;

/** Lines in the order in which they came, in a growing array. */
final class LineList {
    private int[] lines = new int[16];
    private int size;

    void add(int line) {
        if (size == lines.length) {
            lines = Arrays.copyOf(lines, size * 2);
        }
        lines[size++] = line;
    }

    LineSet set() {
        return LineSet.of(Arrays.copyOf(lines, size));
    }
}
