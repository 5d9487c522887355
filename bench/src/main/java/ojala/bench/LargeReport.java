package ojala.bench;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.SequenceInputStream;
import java.lang.management.ManagementFactory;
import java.nio.charset.StandardCharsets;
import java.util.Enumeration;
import java.util.Locale;
import java.util.NoSuchElementException;
import ojala.core.format.Origin;
import ojala.core.format.Report;
import ojala.core.format.ReportReader;
import ojala.core.format.UnreadableReport;

/**
 * Reads a report of 1 GB that is made up while it is read, in a heap of a given size: {@code java -Xmx256m -cp
 * bench/target/ojala-bench.jar ojala.bench.LargeReport FORMAT}. Ends with an error if the heap does not do.
 */
public final class LargeReport {
    private static final long SIZE = 1L << 30;

    private LargeReport() {}

    /** The pieces of a report: what stands before its sources, the sources, what stands behind. */
    private static final class Pieces implements Enumeration<InputStream> {
        private final String format;
        private long given;
        private int source;
        private boolean begun;
        private boolean ended;

        Pieces(String format) {
            this.format = format;
        }

        @Override
        public boolean hasMoreElements() {
            return !ended;
        }

        @Override
        public InputStream nextElement() {
            if (ended) {
                throw new NoSuchElementException();
            }
            String text;
            if (!begun) {
                begun = true;
                text = ReportTexts.before(format);
            } else if (given < SIZE) {
                text = ReportTexts.source(format, source++);
            } else {
                ended = true;
                text = ReportTexts.after(format);
            }
            given += text.length();
            return new ByteArrayInputStream(text.getBytes(StandardCharsets.UTF_8));
        }
    }

    public static void main(String[] arguments) throws IOException, UnreadableReport {
        for (String format : arguments) {
            long began = System.nanoTime();
            Report report = ReportReader.read(
                    new SequenceInputStream(new Pieces(format)), SIZE * 2, new Origin("", ReportTexts::script));
            System.gc();
            long held = ManagementFactory.getMemoryMXBean().getHeapMemoryUsage().getUsed();
            System.out.println(String.format(
                    Locale.ROOT,
                    "%-12s 1 GB, %d sources: read in %.1f s; the heap may be %d MB, %d MB are held when it is read",
                    format,
                    report.sources().size(),
                    (System.nanoTime() - began) / 1e9,
                    Runtime.getRuntime().maxMemory() >> 20,
                    held >> 20));
        }
    }
}
