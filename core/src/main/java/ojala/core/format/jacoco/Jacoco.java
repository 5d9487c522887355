package ojala.core.format.jacoco;

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
 * JaCoCo XML, as the document type JACOCO Report 1.0 and 1.1 describes it.
 *
 * <p>It counts instructions and branches of a line without saying which, and no hits. A path is the names of its
 * groups, its package and its file: where that lies in the repository is left to matching.
 */
public final class Jacoco implements Format {
    static final String NAME = "jacoco";

    @Override
    public String name() {
        return NAME;
    }

    @Override
    public String title() {
        return "JaCoCo XML";
    }

    @Override
    public String example() {
        return """
                <report name="berthing"><package name="candela/berths"><sourcefile name="Berth.java">
                <line nr="3" mi="0" ci="4" mb="0" cb="0"/></sourcefile></package></report>
                """;
    }

    /** The root {@code report} is any tool's; what stands before or right behind it is JaCoCo's. */
    @Override
    public boolean recognises(Head head) {
        return XmlRoot.of(head)
                .filter(root -> root.name().equals("report"))
                .map(root -> root.before().contains("JACOCO")
                        || root.after().matches("(?s)<(sessioninfo|group|package)\\b.*"))
                .orElse(false);
    }

    @Override
    public void read(InputStream report, Origin origin, ReportSink sink) throws IOException, UnreadableReport {
        new JacocoReader(XmlElements.of(report, NAME), sink).read();
    }
}
