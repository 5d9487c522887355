package ojala.core.format.istanbul;

import java.io.IOException;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import ojala.core.format.LineHits;
import ojala.core.format.LineNumber;
import ojala.core.format.NoteKind;
import ojala.core.format.ReportSink;
import ojala.core.format.UnreadableReport;
import ojala.core.json.JsonTokens;
import org.jspecify.annotations.Nullable;

/** Reads what a report says of one file. Maps and counters may stand in any order. */
final class IstanbulSource {
    private final JsonTokens json;
    private final ReportSink sink;
    private final Map<String, Range> statements = new LinkedHashMap<>();
    private final Map<String, Function> functions = new LinkedHashMap<>();
    private final Map<String, Branch> branches = new LinkedHashMap<>();
    private final Map<String, Long> statementHits = new LinkedHashMap<>();
    private final Map<String, Long> functionHits = new LinkedHashMap<>();
    private final Map<String, List<Long>> branchHits = new LinkedHashMap<>();
    private @Nullable String path;
    private boolean generated;

    /** A place in the text, from 0:0 where the report leaves it empty. Columns count from 0. */
    private static final class Range {
        private int line;
        private int column;
        private int endLine;
        private int endColumn;
    }

    private static final class Function {
        private String name = "";
        private Range head = new Range();
        private Range body = new Range();
        private int line;
    }

    private static final class Branch {
        private String type = "";
        private Range range = new Range();
        private int line;
        private final List<Range> sides = new ArrayList<>();
    }

    IstanbulSource(JsonTokens json, ReportSink sink) {
        this.json = json;
        this.sink = sink;
    }

    void read(String key) throws IOException, UnreadableReport {
        json.object(this::member);
        if (generated) {
            sink.skipped("embedded source maps");
        }
        sink.startSource(path == null ? key : path);
        emitStatements();
        emitFunctions();
        emitBranches();
        sink.endSource();
    }

    private void member(String key) throws IOException, UnreadableReport {
        switch (key) {
            case "path" -> path = json.text();
            case "statementMap" -> json.object(id -> statements.put(id, range()));
            case "fnMap" -> json.object(id -> functions.put(id, function()));
            case "branchMap" -> json.object(id -> branches.put(id, branch()));
            case "s" -> json.object(id -> statementHits.put(id, hits()));
            case "f" -> json.object(id -> functionHits.put(id, hits()));
            case "b" -> json.object(id -> branchHits.put(id, hitsOfSides()));
            case "inputSourceMap" -> generated = json.atObject();
            case "data" -> member(json);
            default -> {}
        }
    }

    /** Some writers wrap all members in one called {@code data}. */
    private void member(JsonTokens wrapped) throws IOException, UnreadableReport {
        if (wrapped.atObject()) {
            wrapped.object(this::member);
        }
    }

    private Range range() throws IOException, UnreadableReport {
        Range range = new Range();
        json.object(end -> {
            if (end.equals("start") && json.atObject()) {
                json.object(key -> {
                    if (json.atNumber()) {
                        range.line = key.equals("line") ? json.small() : range.line;
                        range.column = key.equals("column") ? json.small() : range.column;
                    }
                });
            } else if (end.equals("end") && json.atObject()) {
                json.object(key -> {
                    if (json.atNumber()) {
                        range.endLine = key.equals("line") ? json.small() : range.endLine;
                        range.endColumn = key.equals("column") ? json.small() : range.endColumn;
                    }
                });
            }
        });
        return range;
    }

    private Function function() throws IOException, UnreadableReport {
        Function function = new Function();
        json.object(key -> {
            switch (key) {
                case "name" -> function.name = json.atText() ? json.text() : "";
                case "decl" -> function.head = range();
                case "loc" -> function.body = range();
                case "line" -> function.line = json.atNumber() ? json.small() : 0;
                default -> {}
            }
        });
        return function;
    }

    private Branch branch() throws IOException, UnreadableReport {
        Branch branch = new Branch();
        json.object(key -> {
            switch (key) {
                case "type" -> branch.type = json.text();
                case "loc" -> branch.range = range();
                case "line" -> branch.line = json.atNumber() ? json.small() : 0;
                case "locations" -> json.array(() -> branch.sides.add(range()));
                default -> {}
            }
        });
        return branch;
    }

    private long hits() throws UnreadableReport {
        long hits = json.whole();
        if (hits < 0) {
            sink.note(NoteKind.NEGATIVE_HITS, json.line(), "negative hits are counted as 0");
        }
        return Math.max(hits, 0);
    }

    private List<Long> hitsOfSides() throws IOException, UnreadableReport {
        List<Long> hits = new ArrayList<>();
        json.array(() -> hits.add(hits()));
        return hits;
    }

    private void emitStatements() {
        LineHits lines = new LineHits();
        statementHits.forEach((id, hits) -> {
            Range range = statements.get(id);
            if (range == null) {
                dangling("statement", id);
            } else if (LineNumber.isPossible(range.line, json::line, sink)) {
                int last = Math.max(range.line, Math.min(range.endLine, LineNumber.LAST));
                lines.touch(range.line, hits);
                sink.statement(range.line, range.column + 1, last, column(range.endColumn), 1, hits > 0);
            }
        });
        lines.emit(sink);
    }

    private static int column(int fromZero) {
        return fromZero < 0 || fromZero >= LineNumber.LAST ? 0 : fromZero + 1;
    }

    private void emitFunctions() {
        functionHits.forEach((id, hits) -> {
            Function function = functions.get(id);
            if (function == null) {
                dangling("function", id);
                return;
            }
            Range place = function.head.line > 0 ? function.head : function.body;
            int line = place.line > 0 ? place.line : function.line;
            if (LineNumber.isPossible(line, json::line, sink)) {
                int last = Math.max(line, Math.min(function.body.endLine, LineNumber.LAST));
                int column = place.line > 0 ? column(place.column) : 0;
                sink.function(line, column, last, function.name, hits > 0, 0);
            }
        });
    }

    /** A side's place may be left empty (the else that nobody wrote): it is known by its number. */
    private void emitBranches() {
        branchHits.forEach((id, hits) -> {
            Branch branch = branches.get(id);
            if (branch == null) {
                dangling("branch", id);
                return;
            }
            int line = branch.range.line > 0 ? branch.range.line : branch.line;
            if (line == 0 && !branch.sides.isEmpty()) {
                line = branch.sides.get(0).line;
            }
            if (LineNumber.isPossible(line, json::line, sink)) {
                String block = branch.type + "@" + column(branch.range.column);
                for (int side = 0; side < hits.size(); side++) {
                    sink.branchSide(line, block, String.valueOf(side), hits.get(side) > 0);
                }
            }
        });
    }

    private void dangling(String what, String id) {
        sink.note(NoteKind.DANGLING, json.line(), "a counter of " + what + " " + id + ", which no map declares");
    }
}
