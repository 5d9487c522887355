package ojala.core.format.cobertura;

import java.io.IOException;
import java.io.InputStream;
import java.util.regex.Pattern;
import ojala.core.format.Format;
import ojala.core.format.Head;
import ojala.core.format.ReportSink;
import ojala.core.format.UnreadableReport;
import ojala.core.xml.XmlElements;

/**
 * Cobertura XML, as the document type coverage-04 describes it, with the deviations that writers in many languages
 * show.
 *
 * <p>Branches are counts: {@code condition-coverage="50% (1/2)"} says how many sides were taken, and the numbers of
 * {@code <condition>} identify sides in some writers only, so that they are not used.
 */
public final class Cobertura implements Format {
    static final String NAME = "cobertura";

    /** The root, after what may stand before it: a declaration, comments, a document type with a subset of its own. */
    private static final Pattern ROOT = Pattern.compile(
            "\\A\\s*(?:<\\?[^>]*\\?>\\s*|<!--.*?-->\\s*|<!DOCTYPE[^>\\[]*(?:\\[.*?\\]\\s*)?>\\s*)*+<coverage(?=[\\s>/])([^>]*)",
            Pattern.DOTALL);

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
        String text = head.text();
        var root = ROOT.matcher(text);
        if (!root.find()) {
            return false;
        }
        String after = text.substring(root.end()).replaceFirst("^/?>", "").stripLeading();
        return OWN.matcher(root.group(1)).find() || after.startsWith("<sources") || after.startsWith("<packages");
    }

    @Override
    public void read(InputStream report, ReportSink sink) throws IOException, UnreadableReport {
        new CoberturaReader(XmlElements.of(report, NAME), sink).read();
    }
}
