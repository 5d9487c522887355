package ojala.core.format.coveragepy;

import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import ojala.core.format.LineNumber;
import ojala.core.format.ReportSink;
import ojala.core.format.UnreadableReport;
import ojala.core.json.JsonTokens;
import ojala.core.model.LineState;

/** Reads one report. */
final class CoveragePyReader {
    private final JsonTokens json;
    private final ReportSink sink;
    private boolean files;

    CoveragePyReader(JsonTokens json, ReportSink sink) {
        this.json = json;
        this.sink = sink;
    }

    void read() throws IOException, UnreadableReport {
        if (!json.nextDocument()) {
            throw json.broken("the file holds no document");
        }
        json.object(key -> {
            if (key.equals("files")) {
                files = true;
                json.object(this::file);
            }
        });
        if (!files) {
            throw json.broken("there are no “files”: write the report again, with the JSON command");
        }
    }

    private void file(String path) throws IOException, UnreadableReport {
        sink.startSource(path);
        json.object(key -> {
            switch (key) {
                case "executed_lines" -> lines(LineState.COVERED);
                case "missing_lines" -> lines(LineState.MISSED);
                case "excluded_lines" -> json.array(() -> sink.skipped("excluded lines"));
                case "executed_branches" -> arcs(true);
                case "missing_branches" -> arcs(false);
                case "contexts" -> json.object(this::contexts);
                case "functions" -> json.object(this::function);
                default -> {}
            }
        });
        sink.endSource();
    }

    private void lines(LineState state) throws IOException, UnreadableReport {
        for (json.open(); json.more(); ) {
            int line = json.small();
            if (LineNumber.isPossible(line, json::line, sink)) {
                sink.state(line, state);
            }
        }
    }

    private void arcs(boolean taken) throws IOException, UnreadableReport {
        for (json.open(); json.more(); ) {
            List<Integer> arc = new ArrayList<>(2);
            json.array(() -> arc.add(json.small()));
            if (arc.size() != 2) {
                throw json.broken("a branch is a pair of lines, not " + arc.size() + " numbers");
            }
            // what leaves a block that starts in line n is told as going to -n
            if (LineNumber.isPossible(Math.abs(arc.get(0)), json::line, sink)) {
                sink.branchSide(Math.abs(arc.get(0)), "", "to " + arc.get(1), taken);
            }
        }
    }

    /** The context with the empty name is none. */
    private void contexts(String number) throws IOException, UnreadableReport {
        long line = number.matches("\\d{1,9}") ? Long.parseLong(number) : 0;
        boolean possible = LineNumber.isPossible(line, json::line, sink);
        for (json.open(); json.more(); ) {
            String context = json.text().replaceFirst("\\|(run|setup|teardown|call)$", "");
            if (possible && !context.isEmpty()) {
                sink.reached((int) line, context);
            }
        }
    }

    /** A function as newer writers list them; the one without a name is what stands outside all. */
    private void function(String name) throws IOException, UnreadableReport {
        int[] place = {0, 0, 0};
        boolean[] covered = {false};
        json.object(key -> {
            switch (key) {
                case "start_line" -> place[0] = json.small();
                case "executed_lines" -> {
                    int before = place[2];
                    extent(place);
                    covered[0] = place[2] > before;
                }
                case "missing_lines" -> extent(place);
                default -> {}
            }
        });
        int line = place[0] > 0 ? place[0] : place[1];
        if (!name.isEmpty() && line > 0 && line <= LineNumber.LAST) {
            sink.function(line, 0, 0, name, covered[0], 0);
        }
    }

    /** Takes lines into {@code {start, first, how many}}. */
    private void extent(int[] place) throws IOException, UnreadableReport {
        for (json.open(); json.more(); ) {
            int line = json.small();
            place[1] = place[1] == 0 ? line : Math.min(place[1], line);
            place[2]++;
        }
    }
}
