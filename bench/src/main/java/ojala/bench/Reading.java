package ojala.bench;

import com.fasterxml.aalto.stax.InputFactoryImpl;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.concurrent.TimeUnit;
import javax.xml.stream.XMLStreamException;
import javax.xml.stream.XMLStreamReader;
import ojala.core.format.Origin;
import ojala.core.format.Report;
import ojala.core.format.ReportReader;
import ojala.core.format.UnreadableReport;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Param;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import tools.jackson.core.JsonParser;
import tools.jackson.core.ObjectReadContext;
import tools.jackson.core.json.JsonFactory;

/**
 * Reading a report of 16 MB in each format, beside the least that can be done with its bytes: counting line ends, or a
 * bare pass of the same parser.
 */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
public class Reading {
    private static final int SIZE = 16 << 20;

    @Param({
        "lcov",
        "goprofile",
        "gcovtext",
        "cobertura",
        "jacoco",
        "clover",
        "opencover",
        "exchange",
        "gcov",
        "llvm",
        "istanbul",
        "v8",
        "coveragepy",
        "simplecov",
        "ruby"
    })
    public String format = "";

    private byte[] report = new byte[0];

    @Setup
    public void write() {
        report = ReportTexts.of(format, SIZE).getBytes(StandardCharsets.UTF_8);
    }

    @Benchmark
    public long limit() throws XMLStreamException {
        return switch (report[0]) {
            case '<' -> bareXml();
            case '{' -> bareJson();
            default -> lineEnds();
        };
    }

    private long lineEnds() {
        long ends = 0;
        for (byte octet : report) {
            ends += octet == '\n' ? 1 : 0;
        }
        return ends;
    }

    private long bareXml() throws XMLStreamException {
        XMLStreamReader xml = new InputFactoryImpl().createXMLStreamReader(new ByteArrayInputStream(report));
        long events = 0;
        while (xml.hasNext()) {
            xml.next();
            events++;
        }
        return events;
    }

    private long bareJson() {
        long tokens = 0;
        try (JsonParser json =
                new JsonFactory().createParser(ObjectReadContext.empty(), new ByteArrayInputStream(report))) {
            while (json.nextToken() != null) {
                tokens++;
            }
        }
        return tokens;
    }

    @Benchmark
    public Report read() throws IOException, UnreadableReport {
        return ReportReader.read(new ByteArrayInputStream(report), 1L << 30, new Origin("", ReportTexts::script));
    }
}
