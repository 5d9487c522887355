package ojala.core.format.coveragepy;

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
 * coverage.py JSON, formats 1 to 3: executed, missing and excluded lines, branch arcs, and per line the contexts that
 * reached it. It counts no hits. An arc goes from a line to a line; a target below 0 is the exit of what starts there.
 */
public final class CoveragePy implements Format {
    static final String NAME = "coveragepy";

    @Override
    public String name() {
        return NAME;
    }

    @Override
    public String title() {
        return "coverage.py JSON";
    }

    @Override
    public String example() {
        return """
                {"meta": {"version": "7.4", "branch_coverage": false}, "files": {"tides/datum.py":
                {"executed_lines": [1, 2], "missing_lines": [4], "excluded_lines": []}}, "totals": {}}
                """;
    }

    @Override
    public boolean recognises(Head head) {
        JsonOutline outline = JsonOutline.of(head);
        return outline.has("files/*/executed_lines")
                || (outline.has("meta/branch_coverage") || outline.has("meta/show_contexts"));
    }

    @Override
    public void read(InputStream report, Origin origin, ReportSink sink) throws IOException, UnreadableReport {
        JsonTokens json = JsonTokens.of(report, NAME);
        new CoveragePyReader(json, sink).read();
    }
}
