package ojala.bench;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.concurrent.TimeUnit;
import ojala.core.format.Report;
import ojala.core.format.ReportReader;
import ojala.core.format.UnreadableReport;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;

/** Reading a tracefile of 64 MB, beside one pass over the same bytes that counts newlines. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
public class LcovReading {
    private static final int SIZE = 64 << 20;

    private byte[] report = new byte[0];

    @Setup
    public void write() {
        StringBuilder text = new StringBuilder(SIZE + 100_000);
        for (int source = 0; text.length() < SIZE; source++) {
            text.append("TN:\nSF:quayside/src/part")
                    .append(source % 200)
                    .append("/file")
                    .append(source)
                    .append(".ts\n");
            for (int function = 0; function < 20; function++) {
                text.append("FN:")
                        .append(function * 40 + 1)
                        .append(",berth")
                        .append(function)
                        .append('\n');
                text.append("FNDA:")
                        .append(function % 3)
                        .append(",berth")
                        .append(function)
                        .append('\n');
            }
            for (int line = 1; line <= 800; line++) {
                text.append("DA:")
                        .append(line)
                        .append(',')
                        .append(line * 31L % 977)
                        .append('\n');
                if (line % 16 == 0) {
                    text.append("BRDA:")
                            .append(line)
                            .append(",0,0,1\nBRDA:")
                            .append(line)
                            .append(",0,1,-\n");
                }
            }
            text.append("end_of_record\n");
        }
        report = text.toString().getBytes(StandardCharsets.UTF_8);
    }

    @Benchmark
    public int limitCountNewlines() {
        int newlines = 0;
        for (byte one : report) {
            newlines += one == '\n' ? 1 : 0;
        }
        return newlines;
    }

    @Benchmark
    public Report read() throws IOException, UnreadableReport {
        return ReportReader.read(new ByteArrayInputStream(report), 1L << 30);
    }
}
