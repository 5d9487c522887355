package ojala.bench;

import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.Collectors;
import org.openjdk.jmh.results.RunResult;
import org.openjdk.jmh.runner.Runner;
import org.openjdk.jmh.runner.RunnerException;
import org.openjdk.jmh.runner.options.OptionsBuilder;
import org.openjdk.jmh.runner.options.TimeValue;

/**
 * Runs each work beside its physical limit and prints the ratio: {@code java -jar bench/target/ojala-bench.jar [NAME]}.
 */
public final class Bench {
    private static final Map<String, Double> AIMS = aims();

    private Bench() {}

    public static void main(String[] arguments) throws RunnerException {
        OptionsBuilder options = new OptionsBuilder();
        options.include(arguments.length == 0 ? "ojala.bench.*" : arguments[0])
                .forks(1)
                .warmupIterations(4)
                .warmupTime(TimeValue.seconds(1))
                .measurementIterations(6)
                .measurementTime(TimeValue.seconds(1))
                .jvmArgs("-Xmx1g");
        Collection<RunResult> results = new Runner(options.build()).run();
        Map<String, Double> milliseconds = new TreeMap<>();
        results.forEach(result ->
                milliseconds.put(name(result), result.getPrimaryResult().getScore()));
        AIMS.forEach((work, aim) -> print(milliseconds, work, aim));
        milliseconds.forEach((work, taken) -> {
            if (work.startsWith("Matching")) {
                System.out.println(String.format(
                        Locale.ROOT, "%-24s %8.1f ms for 100,000 files × 100,000 (aim: below 1000 ms)", work, taken));
            }
        });
    }

    /** {@code Reading.read lcov}. */
    private static String name(RunResult result) {
        String params = result.getParams().getParamsKeys().stream()
                .map(key -> " " + result.getParams().getParam(key))
                .collect(Collectors.joining());
        return result.getParams().getBenchmark().replaceFirst("^ojala\\.bench\\.", "") + params;
    }

    private static Map<String, Double> aims() {
        Map<String, Double> aims = new LinkedHashMap<>();
        List.of("lcov", "goprofile", "gcovtext").forEach(format -> aims.put("Reading.read " + format, 6.0));
        List.of("cobertura", "jacoco", "clover", "opencover")
                .forEach(format -> aims.put("Reading.read " + format, 1.4));
        List.of("exchange", "gcov", "llvm", "istanbul", "v8", "coveragepy", "simplecov", "ruby")
                .forEach(format -> aims.put("Reading.read " + format, 1.5));
        aims.put("Merging.merge", 3.0);
        return aims;
    }

    private static void print(Map<String, Double> milliseconds, String work, double aim) {
        Double taken = milliseconds.get(work);
        Double least = milliseconds.get(work.replaceFirst("\\.\\w+", ".limit"));
        if (taken != null && least != null) {
            System.out.println(String.format(
                    Locale.ROOT,
                    "%-24s %8.1f ms, limit %8.1f ms: %5.2f × (aim: at most %.1f ×)%s",
                    work,
                    taken,
                    least,
                    taken / least,
                    aim,
                    taken / least > aim ? "  missed" : ""));
        }
    }
}
