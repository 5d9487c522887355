package ojala.core.format.exchange;

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
 * The Ojala exchange format, version 1, as {@code docs/formats/exchange.md} describes it: JSON documents one a line, a
 * head and then one for each source. It says all that the model has.
 */
public final class Exchange implements Format {
    static final String NAME = "exchange";

    /** What the head says of itself under the key {@code ojala}. */
    static final String MARK = "exchange";

    static final int VERSION = 1;

    @Override
    public String name() {
        return NAME;
    }

    @Override
    public String title() {
        return "Ojala exchange";
    }

    @Override
    public String example() {
        return """
                {"ojala":"exchange","version":1}
                {"source":"quayside/src/berths.ts","covered":"1-3,7","missed":"5","hits":[4,4,4,0,1]}
                """;
    }

    @Override
    public boolean recognises(Head head) {
        return JsonOutline.of(head).has("ojala");
    }

    @Override
    public void read(InputStream report, Origin origin, ReportSink sink) throws IOException, UnreadableReport {
        JsonTokens json = JsonTokens.of(report, NAME);
        new ExchangeReader(json, sink).read();
    }
}
