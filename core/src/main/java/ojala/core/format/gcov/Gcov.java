package ojala.core.format.gcov;

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
 * gcov's JSON intermediate format, as gcov(1) describes it under {@code --json-format}, with the conditions and calls
 * of newer versions. One document a translation unit; several may follow one another.
 *
 * <p>Sides of a branch are known by their order on the line. Edges that only an exception takes are left out and
 * counted.
 */
public final class Gcov implements Format {
    static final String NAME = "gcov";

    @Override
    public String name() {
        return NAME;
    }

    @Override
    public String title() {
        return "gcov JSON";
    }

    @Override
    public String example() {
        return """
                {"gcc_version": "12.2.0", "files": [{"lines": [{"branches": [], "count": 4, "line_number": 3,
                "unexecuted_block": false}], "functions": [], "file": "level.c"}], "format_version": "1",
                "current_working_directory": "/ci/harbour/gauge", "data_file": "level"}
                """;
    }

    @Override
    public boolean recognises(Head head) {
        JsonOutline outline = JsonOutline.of(head);
        return outline.has("gcc_version") || outline.has("files/[]/lines/[]/line_number");
    }

    @Override
    public void read(InputStream report, Origin origin, ReportSink sink) throws IOException, UnreadableReport {
        JsonTokens json = JsonTokens.of(report, NAME);
        boolean any = false;
        while (json.nextDocument()) {
            new GcovDocument(json, sink).read();
            any = true;
        }
        if (!any) {
            throw json.broken("the file holds no document");
        }
    }
}
