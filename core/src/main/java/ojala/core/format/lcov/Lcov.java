package ojala.core.format.lcov;

import java.io.IOException;
import java.io.InputStream;
import ojala.core.format.Format;
import ojala.core.format.Head;
import ojala.core.format.Origin;
import ojala.core.format.ReportSink;
import ojala.core.format.UnreadableReport;
import ojala.core.text.RecordLines;

/**
 * LCOV tracefiles, as described under "FILES" in the manual page geninfo(1) of LCOV 1.x and 2.x, with the deviations
 * that real writers show.
 *
 * <p>Branch sides: the tracefile does not say which program wrote it, and some writers list one side only and number
 * sides anew in each run. The sides of a line are taken by identity where each block on that line lists two sides or
 * more; otherwise they are only counted, "at least".
 */
public final class Lcov implements Format {
    static final String NAME = "lcov";

    @Override
    public String name() {
        return NAME;
    }

    @Override
    public String title() {
        return "LCOV tracefile";
    }

    @Override
    public String example() {
        return "TN:\nSF:src/berths.js\nDA:1,4\nend_of_record\n";
    }

    /**
     * A tracefile has no signature. Its first record is one of the few that can open a section; comments and blank
     * lines may stand before it.
     */
    @Override
    public boolean recognises(Head head) {
        return head.text()
                .lines()
                .map(String::strip)
                .filter(line -> !line.isEmpty() && !line.startsWith("#"))
                .findFirst()
                .map(line -> line.startsWith("TN:") || line.startsWith("SF:"))
                .orElse(false);
    }

    @Override
    public void read(InputStream report, Origin origin, ReportSink sink) throws IOException, UnreadableReport {
        new LcovReader(new RecordLines(report, NAME), sink).read();
    }
}
