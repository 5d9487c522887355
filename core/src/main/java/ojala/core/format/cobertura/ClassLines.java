package ojala.core.format.cobertura;

import java.util.Arrays;
import java.util.Comparator;
import java.util.stream.IntStream;
import ojala.core.format.ReportSink;

/**
 * The lines of one class, as its methods and the class itself list them: each counts once, with the highest hits and
 * the branches with the most sides that any listing gives. Used again after {@link #clear}.
 */
final class ClassLines {
    private int[] numbers = new int[256];
    private long[] hits = new long[256];
    private int[] taken = new int[256];
    private int[] sides = new int[256];
    private int size;
    private boolean rising = true;

    void clear() {
        size = 0;
        rising = true;
    }

    /** @param sidesOfLine 0 where the line does not branch */
    void add(int line, long hitsOfLine, int takenOfLine, int sidesOfLine) {
        if (size == numbers.length) {
            numbers = Arrays.copyOf(numbers, size * 2);
            hits = Arrays.copyOf(hits, size * 2);
            taken = Arrays.copyOf(taken, size * 2);
            sides = Arrays.copyOf(sides, size * 2);
        }
        rising &= size == 0 || numbers[size - 1] < line;
        numbers[size] = line;
        hits[size] = hitsOfLine;
        taken[size] = takenOfLine;
        sides[size++] = sidesOfLine;
    }

    void emit(ReportSink sink) {
        if (rising) {
            for (int i = 0; i < size; i++) {
                emit(sink, i, hits[i], i);
            }
            return;
        }
        int[] order = IntStream.range(0, size)
                .boxed()
                .sorted(Comparator.comparingInt(i -> numbers[i]))
                .mapToInt(Integer::intValue)
                .toArray();
        for (int from = 0; from < size; ) {
            int most = order[from];
            long highest = hits[most];
            int to = from + 1;
            for (; to < size && numbers[order[to]] == numbers[most]; to++) {
                int other = order[to];
                highest = Math.max(highest, hits[other]);
                boolean more =
                        sides[other] > sides[most] || (sides[other] == sides[most] && taken[other] > taken[most]);
                most = more ? other : most;
            }
            emit(sink, most, highest, most);
            from = to;
        }
    }

    private void emit(ReportSink sink, int line, long hitsOfLine, int branches) {
        sink.line(numbers[line], hitsOfLine);
        if (sides[branches] > 0) {
            sink.branchCount(numbers[line], taken[branches], sides[branches], false);
        }
    }
}
