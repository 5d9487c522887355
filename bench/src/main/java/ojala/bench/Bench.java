package ojala.bench;

import java.util.Collection;
import java.util.Locale;
import java.util.Map;
import java.util.TreeMap;
import org.openjdk.jmh.results.RunResult;
import org.openjdk.jmh.runner.Runner;
import org.openjdk.jmh.runner.RunnerException;
import org.openjdk.jmh.runner.options.OptionsBuilder;
import org.openjdk.jmh.runner.options.TimeValue;

/**
 * Runs each work beside its physical limit and prints the ratio: {@code java -jar bench/target/ojala-bench.jar [NAME]}.
 */
public final class Bench {
    private Bench() {}

    public static void main(String[] arguments) throws RunnerException {
        OptionsBuilder options = new OptionsBuilder();
        options.include(arguments.length == 0 ? "ojala.bench.*" : arguments[0])
                .forks(1)
                .warmupIterations(3)
                .warmupTime(TimeValue.seconds(2))
                .measurementIterations(5)
                .measurementTime(TimeValue.seconds(2))
                .jvmArgs("-Xmx1g");
        Collection<RunResult> results = new Runner(options.build()).run();
        Map<String, Double> milliseconds = new TreeMap<>();
        results.forEach(result -> milliseconds.put(
                result.getParams().getBenchmark().replaceFirst("^ojala\\.bench\\.", ""),
                result.getPrimaryResult().getScore()));
        print(milliseconds, "LcovReading.read", "LcovReading.limitCountNewlines", 6);
        print(milliseconds, "CoberturaReading.read", "CoberturaReading.limitBareParse", 1.4);
        print(milliseconds, "Merging.merge", "Merging.limitAddArrays", 3);
    }

    private static void print(Map<String, Double> milliseconds, String work, String limit, double aim) {
        double taken = milliseconds.getOrDefault(work, Double.NaN);
        double least = milliseconds.getOrDefault(limit, Double.NaN);
        System.out.println(String.format(
                Locale.ROOT,
                "%-20s %8.2f ms, limit %8.2f ms: %.1f × (aim: at most %s ×)",
                work,
                taken,
                least,
                taken / least,
                aim));
    }
}
