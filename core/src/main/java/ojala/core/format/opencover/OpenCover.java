package ojala.core.format.opencover;

import java.io.IOException;
import java.io.InputStream;
import ojala.core.format.Format;
import ojala.core.format.Head;
import ojala.core.format.Origin;
import ojala.core.format.ReportSink;
import ojala.core.format.UnreadableReport;
import ojala.core.xml.XmlElements;
import ojala.core.xml.XmlRoot;

/** OpenCover XML: sequence points and branch points of .NET assemblies, as its schema 4.x and other writers have it. */
public final class OpenCover implements Format {
    static final String NAME = "opencover";

    @Override
    public String name() {
        return NAME;
    }

    @Override
    public String title() {
        return "OpenCover XML";
    }

    @Override
    public String example() {
        return """
                <CoverageSession><Modules><Module><Files><File uid="1" fullPath="C:\\\\ci\\\\harbour\\\\Tugs.cs"/></Files><Classes>
                <Class><Methods><Method><FileRef uid="1"/><SequencePoints>
                <SequencePoint vc="4" sl="3" sc="9" el="3" ec="20"/></SequencePoints></Method></Methods></Class>
                </Classes></Module></Modules></CoverageSession>
                """;
    }

    @Override
    public boolean recognises(Head head) {
        return XmlRoot.of(head)
                .filter(root -> root.name().equals("CoverageSession"))
                .isPresent();
    }

    @Override
    public void read(InputStream report, Origin origin, ReportSink sink) throws IOException, UnreadableReport {
        new OpenCoverReader(XmlElements.of(report, NAME), sink).read();
    }
}
