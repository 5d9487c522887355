package ojala.core.format;

import static org.assertj.core.api.Assertions.assertThat;

import com.sun.management.ThreadMXBean;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.lang.management.ManagementFactory;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Base64;
import java.util.List;
import java.util.Optional;
import java.util.Random;

/**
 * Makes odd reports of a format's samples and reads them: each must be read or refused with format and place, in
 * bounded time and memory. The same seed makes the same inputs.
 */
final class Fuzzer {
    /** A text for any source: long enough for the offsets of the samples. */
    static final Origin ORIGIN = new Origin("level.c.gcov", path -> Optional.of("tide();\n".repeat(40)));

    private static final long LIMIT_BYTES = 4 << 20;
    private static final Duration SLOWEST = Duration.ofSeconds(10);

    /** What reading may allocate in all, whatever is in it; most of it is garbage at once. */
    private static final long MOST_ALLOCATED = 768L << 20;

    private static final List<String> ODD = List.of(
            "99999999999999999999",
            "-1",
            "0",
            "2147483648",
            "9223372036854775807",
            "1e999999999",
            "9999999",
            "NaN",
            "null",
            "\"\"",
            "[".repeat(2000),
            "{\"a\":".repeat(2000),
            "<a>".repeat(2000),
            "<!DOCTYPE a [<!ENTITY b \"c\">]>",
            "&b;",
            "<!--",
            "<![CDATA[",
            "]]>",
            "\u0000",
            "\r\n",
            "\uFEFF",
            "\uD83D\uDEA2",
            "x".repeat(70_000));

    private final Format format;
    private final Random random;
    private final List<byte[]> samples = new ArrayList<>();
    private final ThreadMXBean threads = (ThreadMXBean) ManagementFactory.getThreadMXBean();

    Fuzzer(Format format, long seed) throws IOException {
        this.format = format;
        this.random = new Random(seed);
        for (Path sample : Samples.of(format.name())) {
            samples.add(Files.readAllBytes(sample));
        }
        samples.add(format.example().getBytes(StandardCharsets.UTF_8));
    }

    /** Reads inputs until the time or their number is up. */
    void run(Duration longest, int inputs) throws IOException {
        long end = System.nanoTime() + longest.toNanos();
        int made = 0;
        for (; made < inputs && System.nanoTime() < end; made++) {
            byte[] input = input();
            long began = System.nanoTime();
            long before = threads.getCurrentThreadAllocatedBytes();
            try {
                readAs(input);
            } catch (RuntimeException | StackOverflowError | OutOfMemoryError crash) {
                throw new AssertionError(
                        format.name() + " fell over input " + made + ", in base 64: "
                                + Base64.getEncoder().encodeToString(input),
                        crash);
            }
            long allocated = threads.getCurrentThreadAllocatedBytes() - before;
            assertThat(allocated).as("bytes allocated for input " + made).isLessThan(MOST_ALLOCATED);
            assertThat(Duration.ofNanos(System.nanoTime() - began))
                    .as("input " + made)
                    .isLessThan(SLOWEST);
        }
        System.out.println("fuzzed " + format.name() + ": " + made + " inputs");
    }

    private void readAs(byte[] input) throws IOException {
        try {
            ReportReader.readAs(format, new ByteArrayInputStream(input), LIMIT_BYTES, ORIGIN);
        } catch (UnreadableReport refused) {
            assertThat(refused.format()).isIn(format.name(), "none");
            assertThat(refused.reason()).isNotBlank();
            assertThat(refused.place()).as(refused.reason()).isNotBlank();
        }
    }

    /** Reads what may be of any format, or of none. */
    static void readOrRefused(byte[] input) throws IOException {
        try {
            ReportReader.read(new ByteArrayInputStream(input), LIMIT_BYTES, ORIGIN);
        } catch (UnreadableReport refused) {
            assertThat(refused.reason()).isNotBlank();
        }
    }

    private byte[] input() {
        byte[] input = any().clone();
        int changes = 1 + random.nextInt(4);
        for (int i = 0; i < changes && input.length > 0; i++) {
            input = changed(input);
        }
        return input;
    }

    private byte[] any() {
        return samples.get(random.nextInt(samples.size()));
    }

    private byte[] changed(byte[] input) {
        int from = random.nextInt(input.length);
        int to = Math.min(input.length, from + 1 + random.nextInt(1 + random.nextInt(80)));
        return switch (random.nextInt(8)) {
            case 0 -> flipped(input, from);
            case 1 -> joined(input, from, new byte[] {}, to);
            case 2 -> joined(input, to, Arrays.copyOfRange(input, from, to), to);
            case 3 -> joined(input, from, odd(), to);
            case 4, 5 -> number(input, from);
            case 6 -> joined(input, from, tail(any()), input.length);
            default -> Arrays.copyOf(input, from);
        };
    }

    private byte[] flipped(byte[] input, int at) {
        byte[] flipped = input.clone();
        flipped[at] = (byte) random.nextInt(256);
        return flipped;
    }

    private byte[] odd() {
        return ODD.get(random.nextInt(ODD.size())).getBytes(StandardCharsets.UTF_8);
    }

    /** Puts another number where one stands. */
    private byte[] number(byte[] input, int near) {
        int from = near;
        while (from < input.length && (input[from] < '0' || input[from] > '9')) {
            from++;
        }
        int to = from;
        while (to < input.length && input[to] >= '0' && input[to] <= '9') {
            to++;
        }
        byte[] other = ODD.get(random.nextInt(8)).getBytes(StandardCharsets.UTF_8);
        return from == input.length ? input : joined(input, from, other, to);
    }

    private byte[] tail(byte[] other) {
        return Arrays.copyOfRange(other, random.nextInt(other.length), other.length);
    }

    /** The bytes before {@code to}, then others, then those from {@code on}. */
    private static byte[] joined(byte[] input, int to, byte[] between, int on) {
        ByteArrayOutputStream joined = new ByteArrayOutputStream();
        joined.write(input, 0, to);
        joined.writeBytes(between);
        joined.write(input, on, input.length - on);
        return joined.toByteArray();
    }
}
