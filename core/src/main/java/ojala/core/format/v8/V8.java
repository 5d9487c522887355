package ojala.core.format.v8;

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
 * V8 coverage, as the type ScriptCoverage of the engine's inspector protocol describes it and Node writes it: per
 * function nested ranges of offsets with counts. It has no lines; they are made with the source's text, which must be
 * at hand.
 *
 * <p>Ranges show only where a count differs from the one around: they do not tell which branches there are.
 */
public final class V8 implements Format {
    static final String NAME = "v8";

    @Override
    public String name() {
        return NAME;
    }

    @Override
    public String title() {
        return "V8 coverage JSON";
    }

    @Override
    public String example() {
        return """
                {"result": [{"scriptId": "7", "url": "file:///ci/harbour/quayside/src/berths.js", "functions": [
                {"functionName": "", "ranges": [{"startOffset": 0, "endOffset": 40, "count": 1}], "isBlockCoverage": true}]}]}
                """;
    }

    @Override
    public boolean recognises(Head head) {
        JsonOutline outline = JsonOutline.of(head);
        return outline.has("result/[]/scriptId") || outline.has("result/[]/functions");
    }

    @Override
    public void read(InputStream report, Origin origin, ReportSink sink) throws IOException, UnreadableReport {
        JsonTokens json = JsonTokens.of(report, NAME);
        new V8Reader(json, origin.texts(), sink).read();
    }
}
