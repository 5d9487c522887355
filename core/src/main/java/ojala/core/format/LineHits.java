package ojala.core.format;

import java.util.Arrays;

/**
 * Lines derived from ranges that touch them: a line ran as often as the range that ran most; it is partial where
 * another range that touches it did not run. Costs no more than appending while lines come in order. Used again after
 * {@link #clear}.
 */
public final class LineHits {
    private int[] lines = new int[256];
    private long[] most = new long[256];
    private boolean[] oneMissed = new boolean[256];
    private int size;
    private boolean rising = true;

    public void clear() {
        size = 0;
        rising = true;
    }

    /** A range that ran {@code hits} times touches the line. */
    public void touch(int line, long hits) {
        if (size > 0 && lines[size - 1] == line) {
            most[size - 1] = Math.max(most[size - 1], hits);
            oneMissed[size - 1] |= hits == 0;
            return;
        }
        if (size == lines.length) {
            lines = Arrays.copyOf(lines, size * 2);
            most = Arrays.copyOf(most, size * 2);
            oneMissed = Arrays.copyOf(oneMissed, size * 2);
        }
        rising &= size == 0 || lines[size - 1] < line;
        lines[size] = line;
        most[size] = hits;
        oneMissed[size++] = hits == 0;
    }

    /** Takes a line with what the ranges say of it. */
    public interface Taker {
        void line(int line, long hits, boolean partial);
    }

    /** Gives the lines, rising, each once. */
    public void forEach(Taker taker) {
        if (!rising) {
            sort();
        }
        for (int i = 0; i < size; i++) {
            taker.line(lines[i], most[i], oneMissed[i] && most[i] > 0);
        }
    }

    /** Tells the lines to a sink. */
    public void emit(ReportSink sink) {
        forEach((line, hits, partial) -> {
            sink.line(line, hits);
            if (partial) {
                sink.partial(line);
            }
        });
    }

    private void sort() {
        int[] unsorted = lines.clone();
        long[] hits = most.clone();
        boolean[] missed = oneMissed.clone();
        int[] order = LineOrder.of(unsorted, size);
        clear();
        for (int at : order) {
            touch(unsorted[at], hits[at]);
            oneMissed[size - 1] |= missed[at];
        }
    }
}
