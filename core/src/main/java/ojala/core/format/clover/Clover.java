package ojala.core.format.clover;

import java.io.IOException;
import java.io.InputStream;
import ojala.core.format.Format;
import ojala.core.format.Head;
import ojala.core.format.Origin;
import ojala.core.format.ReportSink;
import ojala.core.format.UnreadableReport;
import ojala.core.xml.XmlElements;
import ojala.core.xml.XmlRoot;

/**
 * Clover XML, as its schema clover.xsd describes it, in the dialects of PHP and of JavaScript writers: with packages or
 * without, a file's path in {@code path} or in {@code name}.
 */
public final class Clover implements Format {
    static final String NAME = "clover";

    @Override
    public String name() {
        return NAME;
    }

    @Override
    public String title() {
        return "Clover XML";
    }

    @Override
    public String example() {
        return """
                <coverage generated="1"><project timestamp="1"><file name="/ci/pilots/Roster.php">
                <line num="3" type="stmt" count="4"/></file></project></coverage>
                """;
    }

    /** The root is {@code coverage}, as in other formats; a project right below it is Clover's. */
    @Override
    public boolean recognises(Head head) {
        return XmlRoot.of(head)
                .filter(root -> root.name().equals("coverage"))
                .map(root ->
                        root.after().startsWith("<project") || root.attributes().matches("(?s).*\\bclover\\s*=.*"))
                .orElse(false);
    }

    @Override
    public void read(InputStream report, Origin origin, ReportSink sink) throws IOException, UnreadableReport {
        new CloverReader(XmlElements.of(report, NAME), sink).read();
    }
}
