package ojala.core.format.goprofile;

import java.io.IOException;
import java.io.InputStream;
import ojala.core.format.Format;
import ojala.core.format.Head;
import ojala.core.format.Origin;
import ojala.core.format.ReportSink;
import ojala.core.format.UnreadableReport;
import ojala.core.text.RecordLines;

/**
 * Go cover profiles, as the package golang.org/x/tools/cover and {@code go tool cover} read them: a {@code mode:} line,
 * then one block a line.
 *
 * <p>A block that stands more than once (several test binaries, several profiles in one file) is one block: its counts
 * add up, in mode {@code set} one run is enough.
 */
public final class GoProfile implements Format {
    static final String NAME = "goprofile";

    @Override
    public String name() {
        return NAME;
    }

    @Override
    public String title() {
        return "Go cover profile";
    }

    @Override
    public String example() {
        return "mode: count\nharbour.example/port/beacon/ais.go:3.13,5.2 1 4\n";
    }

    @Override
    public boolean recognises(Head head) {
        return head.text()
                .lines()
                .map(String::strip)
                .filter(line -> !line.isEmpty())
                .findFirst()
                .map(line -> line.matches("mode: ?(set|count|atomic)"))
                .orElse(false);
    }

    @Override
    public void read(InputStream report, Origin origin, ReportSink sink) throws IOException, UnreadableReport {
        new GoProfileReader(new RecordLines(report, NAME), sink).read();
    }
}
