package ojala.bench;

import java.io.IOException;
import java.io.InputStream;
import java.lang.management.ManagementFactory;
import java.nio.charset.StandardCharsets;
import java.util.Locale;
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

    /** A report that is made up piece by piece: what stands before its sources, the sources, what stands behind. */
    private static final class MadeUp extends InputStream {
        private final String format;
        private byte[] piece;
        private int next;
        private int source;
        private long given;
        private boolean ended;

        MadeUp(String format) {
            this.format = format;
            this.piece = ReportTexts.before(format).getBytes(StandardCharsets.UTF_8);
        }

        @Override
        public int read() {
            byte[] one = new byte[1];
            return read(one, 0, 1) < 0 ? -1 : one[0] & 0xff;
        }

        @Override
        public int read(byte[] buffer, int offset, int length) {
            while (next == piece.length) {
                if (ended) {
                    return -1;
                }
                given += piece.length;
                ended = given >= SIZE;
                String text = ended ? ReportTexts.after(format) : ReportTexts.source(format, source++);
                piece = text.getBytes(StandardCharsets.UTF_8);
                next = 0;
            }
            int some = Math.min(length, piece.length - next);
            System.arraycopy(piece, next, buffer, offset, some);
            next += some;
            return some;
        }
    }

    public static void main(String[] arguments) throws IOException, UnreadableReport {
        for (String format : arguments) {
            long began = System.nanoTime();
            Report report = ReportReader.read(new MadeUp(format), SIZE * 2, new Origin("", ReportTexts::script));
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
