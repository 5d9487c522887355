package ojala.core.format.exchange;

import java.io.IOException;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import ojala.core.format.LineNumber;
import ojala.core.format.ReportSink;
import ojala.core.format.Spread;
import ojala.core.format.UnreadableReport;
import ojala.core.json.JsonTokens;
import ojala.core.model.LineSet;
import ojala.core.model.LineState;

/** Reads the document of one source. Its members may stand in any order, the path first. */
final class ExchangeSource {
    private static final int MOST_SHAPES = 64;
    private static final List<LineState> STATES = List.of(LineState.COVERED, LineState.PARTIAL, LineState.MISSED);

    private final JsonTokens json;
    private final ReportSink sink;
    private final Spread spread = new Spread();
    private final LineRanges ranges = new LineRanges(spread);
    private LineSet covered = LineSet.EMPTY;
    private LineSet partial = LineSet.EMPTY;
    private LineSet missed = LineSet.EMPTY;
    private long[] hits = {};
    private boolean counted;
    private String path = "";
    private final List<Shape> furtherShapes = new ArrayList<>();

    private record Shape(int index, int line, String block, String way, boolean taken) {}

    ExchangeSource(JsonTokens json, ReportSink sink) {
        this.json = json;
        this.sink = sink;
    }

    void read() throws IOException, UnreadableReport {
        covered = LineSet.EMPTY;
        partial = LineSet.EMPTY;
        missed = LineSet.EMPTY;
        counted = false;
        path = "";
        furtherShapes.clear();
        json.object(this::member);
        if (path.isEmpty()) {
            throw json.broken("a document without a source");
        }
        lines();
        sink.endSource();
        further();
    }

    private void member(String key) throws IOException, UnreadableReport {
        if (key.equals("source")) {
            if (!path.isEmpty() || json.text().isBlank()) {
                throw json.broken("a source with two names, or none");
            }
            path = json.text();
            sink.startSource(path);
            return;
        }
        if (path.isEmpty()) {
            throw json.broken("“" + (key.length() > 40 ? key.substring(0, 40) : key) + "” stands before the source");
        }
        switch (key) {
            case "covered" -> covered = lineSet();
            case "partial" -> partial = lineSet();
            case "missed" -> missed = lineSet();
            case "hits" -> hits();
            case "statements" -> json.array(this::statement);
            case "instructions" -> portions((line, of, total) -> sink.instructions(line, of, total));
            case "calls" -> portions((line, of, total) -> sink.calls(line, of, total));
            case "branches" -> json.array(this::branch);
            case "functions" -> json.array(this::function);
            case "conditions" -> json.array(this::condition);
            case "tests" ->
                json.object(test -> {
                    LineSet reached = lineSet();
                    reached.stream().forEach(line -> sink.reached(line, test));
                });
            default -> sink.skipped("members that version " + Exchange.VERSION + " does not know");
        }
    }

    private LineSet lineSet() throws IOException, UnreadableReport {
        return ranges.read(json);
    }

    private void hits() throws IOException, UnreadableReport {
        counted = true;
        hits = new long[64];
        int size = 0;
        for (json.open(); json.more(); size++) {
            if (size == hits.length) {
                hits = Arrays.copyOf(hits, size * 2);
            }
            hits[size] = json.whole();
        }
        hits = Arrays.copyOf(hits, size);
    }

    /** Goes through the three sets at once, line by line. */
    private void lines() throws UnreadableReport {
        int[][] sets = {covered.toArray(), partial.toArray(), missed.toArray()};
        int all = covered.size() + partial.size() + missed.size();
        if (counted && hits.length != all) {
            throw json.broken(path + ": " + hits.length + " hits for " + all + " lines");
        }
        int[] next = new int[sets.length];
        int before = 0;
        for (int i = 0; i < all; i++) {
            int least = -1;
            for (int set = 0; set < sets.length; set++) {
                boolean some = next[set] < sets[set].length;
                if (some && (least < 0 || sets[set][next[set]] < sets[least][next[least]])) {
                    least = set;
                }
            }
            int line = sets[least][next[least]++];
            if (line == before) {
                throw json.broken(path + ": line " + line + " is covered and missed at once");
            }
            before = line;
            line(line, STATES.get(least), i);
        }
    }

    private void line(int line, LineState state, int index) throws UnreadableReport {
        if (!counted) {
            sink.state(line, state);
            return;
        }
        if (hits[index] < 0 || (hits[index] > 0) == (state == LineState.MISSED)) {
            throw json.broken(path + ": line " + line + " has " + hits[index] + " hits and is "
                    + state.name().toLowerCase(java.util.Locale.ROOT));
        }
        sink.line(line, hits[index]);
        if (state == LineState.PARTIAL) {
            sink.partial(line);
        }
    }

    private int number() throws IOException, UnreadableReport {
        json.more();
        int number = json.small();
        if (number < 0 || number > LineNumber.LAST) {
            throw json.broken(number + " is no line, column or number of things");
        }
        return number;
    }

    private int line() throws IOException, UnreadableReport {
        int line = number();
        if (line == 0) {
            throw json.broken("lines count from 1");
        }
        return line;
    }

    /** {@code [line, column, endLine, endColumn, howMany, covered]}. */
    private void statement() throws IOException, UnreadableReport {
        json.open();
        int line = line();
        int column = number();
        int endLine = number();
        int endColumn = number();
        int howMany = number();
        json.more();
        boolean ran = json.truth();
        json.close();
        if (endLine < line || !spread.allows(line, endLine)) {
            throw json.broken("a statement from line " + line + " to " + endLine);
        }
        sink.statement(line, column, endLine, endColumn, howMany, ran);
    }

    private interface Portion {
        void take(int line, int covered, int total);
    }

    /** {@code [[line, covered, total], …]}. */
    private void portions(Portion taker) throws IOException, UnreadableReport {
        json.array(() -> {
            json.open();
            int line = line();
            int of = number();
            int total = number();
            json.close();
            if (of > total) {
                throw json.broken(of + " covered of " + total);
            }
            taker.take(line, of, total);
        });
    }

    /**
     * {@code {"line": 4, "shapes": [[["block", "way", true], …], …], "counted": [1, 2, true]}}: each shape is a list of
     * sides, what is counted is covered, total, and whether it is at least so.
     */
    private void branch() throws IOException, UnreadableReport {
        int[] line = {0};
        int[] shape = {0};
        json.object(key -> {
            if (key.equals("line")) {
                line[0] = json.small();
                LineNumber.isPossible(line[0], json::line, sink);
            } else if (line[0] < 1 || line[0] > LineNumber.LAST) {
                throw json.broken("a branch begins with its line");
            } else if (key.equals("shapes")) {
                json.array(() -> {
                    json.array(() -> side(line[0], shape[0]));
                    shape[0]++;
                });
            } else if (key.equals("counted")) {
                json.open();
                int of = number();
                int total = number();
                json.more();
                boolean atLeast = json.truth();
                json.close();
                if (of > total) {
                    throw json.broken(of + " covered of " + total);
                }
                sink.branchCount(line[0], of, total, atLeast);
            }
        });
    }

    private void side(int line, int shape) throws IOException, UnreadableReport {
        json.open();
        json.more();
        String block = json.text();
        json.more();
        String way = json.text();
        json.more();
        boolean taken = json.truth();
        json.close();
        if (shape >= MOST_SHAPES) {
            throw json.broken("more than " + MOST_SHAPES + " shapes on line " + line);
        }
        if (shape == 0) {
            sink.branchSide(line, block, way, taken);
        } else {
            furtherShapes.add(new Shape(shape, line, block, way, taken));
        }
    }

    /** Shapes of one line stay apart only if they are told apart: each in a telling of its own. */
    private void further() {
        int most = furtherShapes.stream().mapToInt(Shape::index).max().orElse(0);
        for (int index = 1; index <= most; index++) {
            int wanted = index;
            sink.resumeSource(path);
            furtherShapes.stream()
                    .filter(one -> one.index() == wanted)
                    .forEach(one -> sink.branchSide(one.line(), one.block(), one.way(), one.taken()));
            sink.endSource();
        }
    }

    private void function() throws IOException, UnreadableReport {
        int[] place = {0, 0, 0, 0};
        String[] name = {""};
        boolean[] ran = {false};
        json.object(key -> {
            switch (key) {
                case "line" -> place[0] = bounded();
                case "column" -> place[1] = bounded();
                case "endLine" -> place[2] = bounded();
                case "complexity" -> place[3] = bounded();
                case "name" -> name[0] = json.text();
                case "covered" -> ran[0] = json.truth();
                default -> sink.skipped("members of a function that version " + Exchange.VERSION + " does not know");
            }
        });
        if (place[0] < 1) {
            throw json.broken("a function without a line");
        }
        sink.function(place[0], place[1], place[2], name[0], ran[0], place[3]);
    }

    private void condition() throws IOException, UnreadableReport {
        int[] place = {0, 0, 0};
        String[] texts = {"", ""};
        boolean[] shown = {false};
        json.object(key -> {
            switch (key) {
                case "line" -> place[0] = bounded();
                case "of" -> place[1] = bounded();
                case "index" -> place[2] = bounded();
                case "sense" -> texts[0] = json.text();
                case "expression" -> texts[1] = json.text();
                case "covered" -> shown[0] = json.truth();
                default -> sink.skipped("members of a condition that version " + Exchange.VERSION + " does not know");
            }
        });
        if (place[0] < 1) {
            throw json.broken("a condition without a line");
        }
        sink.condition(place[0], place[1], place[2], texts[0], texts[1], shown[0]);
    }

    private int bounded() throws UnreadableReport {
        int number = json.small();
        if (number < 0 || number > LineNumber.LAST) {
            throw json.broken(number + " is no line, column or number of things");
        }
        return number;
    }
}
