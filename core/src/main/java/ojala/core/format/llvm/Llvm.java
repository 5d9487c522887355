package ojala.core.format.llvm;

import java.io.IOException;
import java.io.InputStream;
import ojala.core.format.Format;
import ojala.core.format.Head;
import ojala.core.format.Origin;
import ojala.core.format.ReportSink;
import ojala.core.format.UnreadableReport;
import ojala.core.json.JsonOutline;
import ojala.core.json.JsonTokens;

/**
 * LLVM's coverage export, {@code llvm-cov export} in its JSON form, versions 2 and 3. Lines are made of the segments by
 * LLVM's own rule; branches are distinct places; functions of one source range are one function. Expansions are passed
 * over without being built.
 */
public final class Llvm implements Format {
    static final String NAME = "llvm";

    @Override
    public String name() {
        return NAME;
    }

    @Override
    public String title() {
        return "LLVM coverage export JSON";
    }

    @Override
    public String example() {
        return """
                {"data": [{"files": [{"branches": [], "expansions": [], "filename": "/ci/harbour/gauge/level.c",
                "segments": [[3, 12, 4, true, true, false], [5, 2, 0, false, false, false]]}], "functions": []}],
                "type": "llvm.coverage.json.export", "version": "2.0.1"}
                """;
    }

    @Override
    public boolean recognises(Head head) {
        JsonOutline outline = JsonOutline.of(head);
        return outline.has("data/[]/files/[]/filename")
                || outline.has("data/[]/files/[]/segments")
                || outline.has("data/[]/files/[]/branches")
                || outline.has("data/[]/files/[]/expansions");
    }

    @Override
    public void read(InputStream report, Origin origin, ReportSink sink) throws IOException, UnreadableReport {
        JsonTokens json = JsonTokens.of(report, NAME);
        new LlvmReader(json, sink).read();
    }
}
