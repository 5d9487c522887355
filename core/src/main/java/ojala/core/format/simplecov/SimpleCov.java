package ojala.core.format.simplecov;

import java.io.IOException;
import java.io.InputStream;
import ojala.core.format.Format;
import ojala.core.format.Head;
import ojala.core.format.Origin;
import ojala.core.format.ReportSink;
import ojala.core.format.UnreadableReport;
import ojala.core.format.ruby.RubySource;
import ojala.core.json.JsonOutline;
import ojala.core.json.JsonTokens;

/**
 * SimpleCov result sets: for each named run what Ruby's Coverage returned, with its keys turned into texts. Runs of one
 * file add up.
 */
public final class SimpleCov implements Format {
    static final String NAME = "simplecov";

    @Override
    public String name() {
        return NAME;
    }

    @Override
    public String title() {
        return "SimpleCov result set JSON";
    }

    @Override
    public String example() {
        return """
                {"unit": {"coverage": {"/ci/harbour/pilots/roster.rb": {"lines": [1, 4, null, 0]}}, "timestamp": 1}}
                """;
    }

    @Override
    public boolean recognises(Head head) {
        JsonOutline outline = JsonOutline.of(head);
        return outline.has("*/coverage/*/lines") || outline.has("*/coverage/*/[]") || outline.has("*/coverage/*");
    }

    @Override
    public void read(InputStream report, Origin origin, ReportSink sink) throws IOException, UnreadableReport {
        JsonTokens json = JsonTokens.of(report, NAME);
        RubySource source = new RubySource(json, sink);
        while (json.nextDocument()) {
            json.object(run -> json.object(key -> {
                if (key.equals("coverage")) {
                    json.object(source::read);
                }
            }));
        }
    }
}
