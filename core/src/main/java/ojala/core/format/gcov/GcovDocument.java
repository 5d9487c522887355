package ojala.core.format.gcov;

import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import ojala.core.format.ReportSink;
import ojala.core.format.UnreadableReport;
import ojala.core.json.JsonTokens;

/**
 * Reads the document of one translation unit. Its files are held until its end, because only there stands the folder
 * that their names are relative to.
 */
final class GcovDocument {
    private final JsonTokens json;
    private final ReportSink sink;
    private final List<GcovFile> files = new ArrayList<>();
    private String folder = "";
    private boolean listed;

    GcovDocument(JsonTokens json, ReportSink sink) {
        this.json = json;
        this.sink = sink;
    }

    void read() throws IOException, UnreadableReport {
        json.object(key -> {
            switch (key) {
                case "files" -> {
                    listed = true;
                    json.array(() -> files.add(new GcovFile(json, sink).read()));
                }
                case "current_working_directory" -> folder = json.text();
                default -> {}
            }
        });
        if (!listed) {
            throw json.broken("the document lists no “files”");
        }
        for (GcovFile file : files) {
            file.emit(absolute(file.name()));
        }
    }

    private String absolute(String name) {
        boolean rooted = name.startsWith("/") || name.matches("^[A-Za-z]:[/\\\\].*");
        return rooted || folder.isEmpty() ? name : folder + "/" + name;
    }
}
