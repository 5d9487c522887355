package ojala.core.format.cobertura;

import java.io.IOException;
import java.io.InputStream;
import java.util.regex.Pattern;
import ojala.core.format.Format;
import ojala.core.format.Head;
import ojala.core.format.Origin;
import ojala.core.format.ReportSink;
import ojala.core.format.UnreadableReport;
import ojala.core.xml.XmlElements;
import ojala.core.xml.XmlRoot;

/**
 * Cobertura XML, as the document type coverage-04 describes it, with the deviations that writers in many languages
 * show.
 *
 * <p>Branches are counts: {@code condition-coverage="50% (1/2)"} says how many sides were taken, and the numbers of
 * {@code <condition>} identify sides in some writers only, so that they are not used.
 */
public final class Cobertura implements Format {
    static final String NAME = "cobertura";

    private static final Pattern OWN = Pattern.compile("\\b(?:line-rate|branch-rate|lines-valid|branches-valid)\\s*=");

    @Override
    public String name() {
        return NAME;
    }

    @Override
    public String title() {
        return "Cobertura XML";
    }

    @Override
    public String example() {
        return """
                <coverage line-rate="1" version="1"><sources><source>tides</source></sources><packages><package name="tides">
                <classes><class name="datum" filename="datum.py"><lines><line number="1" hits="4"/></lines></class></classes>
                </package></packages></coverage>
                """;
    }

    /**
     * The root element is {@code coverage}, as in other formats; its rates, or the packages below it, are Cobertura's.
     */
    @Override
    public boolean recognises(Head head) {
        return XmlRoot.of(head)
                .filter(root -> root.name().equals("coverage"))
                .map(root -> OWN.matcher(root.attributes()).find()
                        || root.after().startsWith("<sources")
                        || root.after().startsWith("<packages"))
                .orElse(false);
    }

    @Override
    public void read(InputStream report, Origin origin, ReportSink sink) throws IOException, UnreadableReport {
        new CoberturaReader(XmlElements.of(report, NAME), sink).read();
    }
}
