package ojala.core.format.gcovtext;

import java.io.IOException;
import java.io.InputStream;
import ojala.core.format.Format;
import ojala.core.format.Head;
import ojala.core.format.Origin;
import ojala.core.format.ReportSink;
import ojala.core.format.UnreadableReport;
import ojala.core.text.RecordLines;

/**
 * gcov's text listings, as gcov(1) describes them: the source with a count before each line, one file a source, with
 * branches, calls and functions where asked for. The source is what {@code Source:} says, else what the listing's own
 * name says.
 */
public final class GcovText implements Format {
    static final String NAME = "gcovtext";

    @Override
    public String name() {
        return NAME;
    }

    @Override
    public String title() {
        return "gcov text listing";
    }

    @Override
    public String example() {
        return "        -:    0:Source:level.c\n        4:    3:int level(void) {\n    #####:    4:  return 1;\n";
    }

    @Override
    public boolean recognises(Head head) {
        return head.text()
                .lines()
                .map(String::strip)
                .filter(line -> !line.isEmpty())
                .findFirst()
                .map(line ->
                        line.matches("-:\\s*0:(Source|Graph|Data|Runs|Programs|Working directory|Colorization):.*"))
                .orElse(false);
    }

    @Override
    public void read(InputStream report, Origin origin, ReportSink sink) throws IOException, UnreadableReport {
        new GcovTextReader(new RecordLines(report, NAME), origin, sink).read();
    }
}
