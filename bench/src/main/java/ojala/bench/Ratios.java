package ojala.bench;

import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.TreeMap;

/**
 * Reading in each format beside its limit, the two sides in turn and the best of each: what other programs on a shared
 * machine take in the meantime falls on both, or on neither. {@code java -cp bench/target/ojala-bench.jar
 * ojala.bench.Ratios FORMAT…}
 */
public final class Ratios {
    private static final int ROUNDS = 30;
    private static final List<String> LINES = List.of("lcov", "goprofile", "gcovtext");
    private static final List<String> XML = List.of("cobertura", "jacoco", "clover", "opencover");

    private Ratios() {}

    public static void main(String[] formats) throws Exception {
        for (String format : formats) {
            Reading reading = new Reading();
            reading.format = format;
            reading.write();
            Map<String, Long> best = new TreeMap<>();
            for (int round = 0; round < ROUNDS; round++) {
                long began = System.nanoTime();
                reading.limit();
                long between = System.nanoTime();
                reading.read();
                best.merge("limit", between - began, Math::min);
                best.merge("read", System.nanoTime() - between, Math::min);
            }
            print(format, best.get("read") / 1e6, best.get("limit") / 1e6);
        }
    }

    private static void print(String format, double read, double limit) {
        double aim = LINES.contains(format) ? 6 : XML.contains(format) ? 1.4 : 1.5;
        System.out.println(String.format(
                Locale.ROOT,
                "%-11s 16 MB in %6.1f ms, limit %6.1f ms: %5.2f × (aim: at most %.1f ×)%s",
                format,
                read,
                limit,
                read / limit,
                aim,
                read / limit > aim ? "  missed" : ""));
    }
}
