package ojala.core.format.ruby;

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
 * The result of Ruby's standard library Coverage, dumped as JSON: per file its lines, branches and methods, as
 * {@code Coverage.result} returns them, or the bare array of lines that it returned before.
 */
public final class RubyCoverage implements Format {
    static final String NAME = "ruby";

    @Override
    public String name() {
        return NAME;
    }

    @Override
    public String title() {
        return "Ruby Coverage JSON";
    }

    @Override
    public String example() {
        return "{\"/ci/harbour/pilots/roster.rb\": {\"lines\": [1, 4, null, 0]}}\n";
    }

    @Override
    public boolean recognises(Head head) {
        JsonOutline outline = JsonOutline.of(head);
        boolean files = outline.keys().stream().anyMatch(key -> key.contains("|") || key.endsWith(".rb"));
        return files
                && (outline.has("*/lines/[]")
                        || outline.has("*/oneshot_lines")
                        || outline.has("*/methods")
                        || outline.has("*/[]"));
    }

    @Override
    public void read(InputStream report, Origin origin, ReportSink sink) throws IOException, UnreadableReport {
        JsonTokens json = JsonTokens.of(report, NAME);
        RubySource source = new RubySource(json, sink);
        while (json.nextDocument()) {
            json.object(source::read);
        }
    }
}
