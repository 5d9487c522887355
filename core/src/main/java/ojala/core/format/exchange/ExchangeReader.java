package ojala.core.format.exchange;

import java.io.IOException;
import ojala.core.format.ReportSink;
import ojala.core.format.UnreadableReport;
import ojala.core.json.JsonTokens;

/** Reads one report: its head, then its sources. */
final class ExchangeReader {
    private final JsonTokens json;
    private final ReportSink sink;
    private String mark = "";
    private long version;

    ExchangeReader(JsonTokens json, ReportSink sink) {
        this.json = json;
        this.sink = sink;
    }

    void read() throws IOException, UnreadableReport {
        if (!json.nextDocument()) {
            throw json.broken("the file holds no document");
        }
        json.object(key -> {
            switch (key) {
                case "ojala" -> mark = json.text();
                case "version" -> version = json.whole();
                case "roots" -> json.array(() -> sink.root(json.text()));
                default -> sink.skipped("members of the head that version " + Exchange.VERSION + " does not know");
            }
        });
        if (!mark.equals(Exchange.MARK)) {
            throw json.broken("the head does not say \"ojala\":\"" + Exchange.MARK + "\"");
        }
        if (version != Exchange.VERSION) {
            throw json.broken(
                    "version " + version + " of the exchange format; this Ojala reads version " + Exchange.VERSION);
        }
        ExchangeSource source = new ExchangeSource(json, sink);
        while (json.nextDocument()) {
            source.read();
        }
    }
}
