package ojala.core.format.llvm;

import java.io.IOException;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import ojala.core.format.LineNumber;
import ojala.core.format.ReportSink;
import ojala.core.format.Spread;
import ojala.core.format.UnreadableReport;
import ojala.core.json.JsonTokens;

/** Reads one export. Functions stand behind the files and are told of their sources afterwards. */
final class LlvmReader {
    private final JsonTokens json;
    private final ReportSink sink;
    private final Spread spread = new Spread();
    private final SegmentLines lines = new SegmentLines(spread);
    private final Functions functions = new Functions();
    private final Set<String> sources = new HashSet<>();
    private boolean data;

    // the file that is being read
    private String file = "";
    private boolean segments;
    private final List<Branch> branches = new ArrayList<>();
    private final List<Decision> decisions = new ArrayList<>();

    private record Branch(int line, String place, boolean whenTrue, boolean whenFalse) {}

    private record Decision(int line, String place, List<Boolean> pairs) {}

    LlvmReader(JsonTokens json, ReportSink sink) {
        this.json = json;
        this.sink = sink;
    }

    void read() throws IOException, UnreadableReport {
        while (json.nextDocument()) {
            json.object(key -> {
                if (key.equals("data")) {
                    data = true;
                    json.array(() -> json.object(this::member));
                }
            });
        }
        if (!data) {
            throw json.broken("there is no “data”");
        }
        functions.emit(sources, sink);
    }

    private void member(String key) throws IOException, UnreadableReport {
        if (key.equals("files")) {
            json.array(this::file);
        } else if (key.equals("functions")) {
            json.array(() -> functions.read(json));
        }
    }

    private void file() throws IOException, UnreadableReport {
        file = "";
        segments = false;
        branches.clear();
        decisions.clear();
        lines.clear();
        json.object(key -> {
            switch (key) {
                case "filename" -> file = json.text();
                case "segments" -> {
                    segments = true;
                    json.array(this::segment);
                }
                case "branches" -> json.array(this::branch);
                case "mcdc_records" -> json.array(this::decision);
                default -> {}
            }
        });
        if (file.isEmpty()) {
            throw json.broken("a file without a filename");
        }
        if (!segments) {
            throw json.broken("this export has totals and no lines (it was made with -summary-only): export it"
                    + " without that option");
        }
        sources.add(file);
        emit();
    }

    private void emit() throws UnreadableReport {
        lines.finish();
        sink.startSource(file);
        lines.forEach((line, hits, partial) -> {
            sink.line(line, hits);
            if (partial) {
                sink.partial(line);
            }
        });
        branches.forEach(one -> {
            sink.branchSide(one.line(), one.place(), "true", one.whenTrue());
            sink.branchSide(one.line(), one.place(), "false", one.whenFalse());
        });
        decisions.forEach(one -> {
            for (int i = 0; i < one.pairs().size(); i++) {
                sink.condition(
                        one.line(),
                        one.pairs().size(),
                        i,
                        "pair",
                        one.place(),
                        one.pairs().get(i));
            }
        });
        sink.endSource();
    }

    /** {@code [line, column, count, hasCount, isRegionEntry, isGapRegion]}; the last is missing in old versions. */
    private void segment() throws IOException, UnreadableReport {
        json.open();
        int line = number();
        number();
        json.more();
        long count = json.whole();
        json.more();
        boolean hasCount = json.truth();
        json.more();
        boolean entry = json.truth();
        boolean gap = json.more() && json.truth();
        json.close();
        if (!LineNumber.isPossible(line, json::line, sink)) {
            return;
        }
        if (!lines.add(line, Math.max(count, 0), hasCount, entry, gap)) {
            throw json.broken(Spread.TOO_WIDE);
        }
    }

    private int number() throws IOException, UnreadableReport {
        json.more();
        return json.small();
    }

    /** {@code [line, column, endLine, endColumn, true, false, …]}. */
    private void branch() throws IOException, UnreadableReport {
        json.open();
        int line = number();
        String place = line + ":" + number() + "-" + number() + ":" + number();
        json.more();
        long whenTrue = json.whole();
        json.more();
        long whenFalse = json.whole();
        json.close();
        if (LineNumber.isPossible(line, json::line, sink)) {
            branches.add(new Branch(line, place, whenTrue > 0, whenFalse > 0));
        }
    }

    /** {@code [line, column, endLine, endColumn, …, [one flag a condition], …]}. */
    private void decision() throws IOException, UnreadableReport {
        json.open();
        int line = number();
        String place = line + ":" + number() + "-" + number() + ":" + number();
        List<Boolean> pairs = new ArrayList<>();
        while (json.more()) {
            if (json.atArray()) {
                if (pairs.isEmpty()) {
                    json.array(() -> pairs.add(json.truth()));
                } else {
                    json.skip();
                }
            }
        }
        if (LineNumber.isPossible(line, json::line, sink)) {
            decisions.add(new Decision(line, place, pairs));
        }
    }
}
