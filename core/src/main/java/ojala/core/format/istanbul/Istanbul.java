package ojala.core.format.istanbul;

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
 * Istanbul JSON: per file the maps of statements, functions and branches with their ranges, and their counters under
 * the same keys. Lines are derived from the statements: a line ran as often as the one that ran most of those starting
 * on it.
 */
public final class Istanbul implements Format {
    static final String NAME = "istanbul";

    @Override
    public String name() {
        return NAME;
    }

    @Override
    public String title() {
        return "Istanbul JSON";
    }

    @Override
    public String example() {
        return """
                {"/ci/harbour/quayside/src/berths.ts": {"path": "/ci/harbour/quayside/src/berths.ts",
                "statementMap": {"0": {"start": {"line": 3, "column": 2}, "end": {"line": 3, "column": 20}}},
                "fnMap": {}, "branchMap": {}, "s": {"0": 4}, "f": {}, "b": {}}}
                """;
    }

    @Override
    public boolean recognises(Head head) {
        JsonOutline outline = JsonOutline.of(head);
        return outline.has("*/statementMap") || outline.has("*/fnMap");
    }

    @Override
    public void read(InputStream report, Origin origin, ReportSink sink) throws IOException, UnreadableReport {
        JsonTokens json = JsonTokens.of(report, NAME);
        while (json.nextDocument()) {
            json.object(path -> new IstanbulSource(json, sink).read(path));
        }
    }
}
