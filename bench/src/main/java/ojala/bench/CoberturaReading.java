package ojala.bench;

import com.fasterxml.aalto.stax.InputFactoryImpl;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.concurrent.TimeUnit;
import javax.xml.stream.XMLStreamException;
import javax.xml.stream.XMLStreamReader;
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

/** Reading Cobertura XML of 32 MB, beside a bare pass of the same parser over the same bytes. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
public class CoberturaReading {
    private static final int SIZE = 32 << 20;

    private byte[] report = new byte[0];

    @Setup
    public void write() {
        StringBuilder text = new StringBuilder(SIZE + 100_000);
        text.append("<coverage line-rate=\"0.8\" branch-rate=\"0.5\"><sources><source>/ci/tides</source></sources>");
        text.append("<packages><package name=\"tides\"><classes>\n");
        for (int source = 0; text.length() < SIZE; source++) {
            String name = "model" + source + ".py";
            text.append("<class name=\"")
                    .append(name)
                    .append("\" filename=\"tides/")
                    .append(name);
            text.append("\" complexity=\"0\" line-rate=\"0.8\" branch-rate=\"0.5\">\n  <methods/>\n  <lines>\n");
            for (int line = 1; line <= 600; line++) {
                text.append("    <line number=\"")
                        .append(line)
                        .append("\" hits=\"")
                        .append(line * 31L % 977);
                text.append(line % 16 == 0 ? "\" branch=\"true\" condition-coverage=\"50% (1/2)\"/>\n" : "\"/>\n");
            }
            text.append("  </lines>\n</class>\n");
        }
        text.append("</classes></package></packages></coverage>\n");
        report = text.toString().getBytes(StandardCharsets.UTF_8);
    }

    @Benchmark
    public int limitBareParse() throws XMLStreamException {
        XMLStreamReader xml = new InputFactoryImpl().createXMLStreamReader(new ByteArrayInputStream(report));
        int events = 0;
        while (xml.hasNext()) {
            xml.next();
            events++;
        }
        return events;
    }

    @Benchmark
    public Report read() throws IOException, UnreadableReport {
        return ReportReader.read(new ByteArrayInputStream(report), 1L << 30);
    }
}
