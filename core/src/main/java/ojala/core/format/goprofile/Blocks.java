package ojala.core.format.goprofile;

import java.util.Arrays;
import java.util.Comparator;
import java.util.stream.IntStream;
import ojala.core.model.Hits;

/**
 * The blocks of one file, each place once. New ones are appended, and united with the rest whenever they have become as
 * many: the whole costs a constant factor of what came, and memory that of the distinct blocks.
 */
final class Blocks {
    private static final int FEWEST = 256;

    private Table united = new Table(0);
    private Table fresh = new Table(16);
    private boolean rising = true;

    /** Parallel arrays; a place is line and column in one number, so that places compare as numbers. */
    static final class Table {
        private long[] from;
        private long[] to;
        private int[] statements;
        private long[] counts;
        private int size;

        private Table(int capacity) {
            from = new long[capacity];
            to = new long[capacity];
            statements = new int[capacity];
            counts = new long[capacity];
        }

        int size() {
            return size;
        }

        int line(int index) {
            return (int) (from[index] >>> 32);
        }

        int column(int index) {
            return (int) from[index];
        }

        int endLine(int index) {
            return (int) (to[index] >>> 32);
        }

        int endColumn(int index) {
            return (int) to[index];
        }

        int statements(int index) {
            return statements[index];
        }

        long count(int index) {
            return counts[index];
        }

        private void grow() {
            from = Arrays.copyOf(from, size * 2);
            to = Arrays.copyOf(to, size * 2);
            statements = Arrays.copyOf(statements, size * 2);
            counts = Arrays.copyOf(counts, size * 2);
        }

        /** Appends a block; of the place of the last one it is the same block. */
        private void append(Table other, int index) {
            if (size > 0 && compare(this, size - 1, other, index) == 0) {
                counts[size - 1] = Hits.sum(counts[size - 1], other.counts[index]);
                statements[size - 1] = Math.max(statements[size - 1], other.statements[index]);
                return;
            }
            from[size] = other.from[index];
            to[size] = other.to[index];
            statements[size] = other.statements[index];
            counts[size++] = other.counts[index];
        }

        private static int compare(Table a, int i, Table b, int j) {
            int byStart = Long.compare(a.from[i], b.from[j]);
            return byStart != 0 ? byStart : Long.compare(a.to[i], b.to[j]);
        }
    }

    void add(int line, int column, int endLine, int endColumn, int statements, long count) {
        int i = fresh.size;
        if (i == fresh.from.length) {
            fresh.grow();
        }
        fresh.from[i] = (long) line << 32 | column;
        fresh.to[i] = (long) endLine << 32 | endColumn;
        fresh.statements[i] = statements;
        fresh.counts[i] = count;
        rising &= i == 0 || Table.compare(fresh, i - 1, fresh, i) < 0;
        fresh.size++;
        if (fresh.size >= Math.max(FEWEST, united.size) && !rising) {
            unite();
        }
    }

    /** All blocks, rising by place. */
    Table table() {
        unite();
        return united;
    }

    private void unite() {
        Table sorted = rising ? fresh : sorted();
        if (united.size == 0 && rising) {
            united = sorted;
        } else {
            united = merged(united, sorted);
        }
        fresh = new Table(16);
        rising = true;
    }

    private Table sorted() {
        Table unsorted = fresh;
        int[] order = IntStream.range(0, unsorted.size)
                .boxed()
                .sorted(Comparator.comparingLong((Integer i) -> unsorted.from[i])
                        .thenComparingLong(i -> unsorted.to[i]))
                .mapToInt(Integer::intValue)
                .toArray();
        Table sorted = new Table(unsorted.size);
        for (int at : order) {
            sorted.append(unsorted, at);
        }
        return sorted;
    }

    private static Table merged(Table a, Table b) {
        Table merged = new Table(a.size + b.size);
        int i = 0;
        int j = 0;
        while (i < a.size || j < b.size) {
            boolean left = j == b.size || (i < a.size && Table.compare(a, i, b, j) <= 0);
            if (left) {
                merged.append(a, i++);
            } else {
                merged.append(b, j++);
            }
        }
        return merged;
    }
}
