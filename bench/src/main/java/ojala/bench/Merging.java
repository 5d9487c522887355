package ojala.bench;

import java.util.List;
import java.util.TreeMap;
import java.util.concurrent.TimeUnit;
import java.util.stream.IntStream;
import ojala.core.merge.SourceMerge;
import ojala.core.model.Lines;
import ojala.core.model.SourceCoverage;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;

/** Merging eight reports of a source of a million lines, beside adding eight arrays of that length. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
public class Merging {
    private static final int LINES = 1_000_000;
    private static final int REPORTS = 8;

    private final List<SourceCoverage> reports = new java.util.ArrayList<>();
    private final long[][] arrays = new long[REPORTS][LINES];

    @Setup
    public void make() {
        for (int report = 0; report < REPORTS; report++) {
            byte[] states = new byte[LINES];
            for (int i = 0; i < LINES; i++) {
                states[i] = (byte) ((i + report) % 3);
                arrays[report][i] = i;
            }
            reports.add(new SourceCoverage(
                    new Lines(IntStream.rangeClosed(1, LINES).toArray(), states),
                    new TreeMap<>(),
                    List.of(),
                    List.of()));
        }
    }

    @Benchmark
    public long[] limit() {
        long[] sum = new long[LINES];
        for (long[] array : arrays) {
            for (int i = 0; i < LINES; i++) {
                sum[i] += array[i];
            }
        }
        return sum;
    }

    @Benchmark
    public SourceCoverage merge() {
        return SourceMerge.merge(reports);
    }
}
