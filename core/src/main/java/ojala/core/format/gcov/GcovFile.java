package ojala.core.format.gcov;

import java.io.IOException;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.BitSet;
import java.util.List;
import ojala.core.format.LineNumber;
import ojala.core.format.NoteKind;
import ojala.core.format.ReportSink;
import ojala.core.format.UnreadableReport;
import ojala.core.json.JsonTokens;

/**
 * Reads one file of a document. A line may stand several times, once for each function that it was compiled into: hits
 * add up, and the sides of its branches are united by their order.
 */
final class GcovFile {
    private static final int MOST_CONDITIONS = 1000;

    private final JsonTokens json;
    private final ReportSink sink;
    private String name = "";
    private int[] lines = new int[64];
    private long[] hits = new long[64];
    private int size;
    private final BitSet partial = new BitSet();
    private final List<Sides> sides = new ArrayList<>();
    private final List<Outcomes> decisions = new ArrayList<>();
    private final List<Calls> calls = new ArrayList<>();
    private final List<Function> functions = new ArrayList<>();

    // the line that is being read
    private int line;
    private long count;
    private boolean unexecutedBlock;
    private final BitSet taken = new BitSet();
    private int ways;
    private int made;
    private int returned;
    private final List<Outcomes> outcomes = new ArrayList<>();

    private record Sides(int line, BitSet taken, int ways) {}

    private record Outcomes(int line, int decision, int conditions, BitSet missedTrue, BitSet missedFalse) {}

    private record Calls(int line, int returned, int made) {}

    private record Function(int line, int column, int endLine, String name, boolean covered) {}

    GcovFile(JsonTokens json, ReportSink sink) {
        this.json = json;
        this.sink = sink;
    }

    GcovFile read() throws IOException, UnreadableReport {
        json.object(key -> {
            switch (key) {
                case "file" -> name = json.text();
                case "lines" -> json.array(this::line);
                case "functions" -> json.array(this::function);
                default -> {}
            }
        });
        if (name.isEmpty()) {
            throw json.broken("a file without a name");
        }
        lines = Arrays.copyOf(lines, size);
        hits = Arrays.copyOf(hits, size);
        return this;
    }

    String name() {
        return name;
    }

    private void line() throws IOException, UnreadableReport {
        line = 0;
        count = 0;
        unexecutedBlock = false;
        taken.clear();
        ways = 0;
        made = 0;
        returned = 0;
        outcomes.clear();
        json.object(this::lineMember);
        if (!LineNumber.isPossible(line, json::line, sink)) {
            return;
        }
        if (count < 0) {
            sink.note(NoteKind.NEGATIVE_HITS, json.line(), count + " hits are counted as 0");
        }
        if (size == lines.length) {
            lines = Arrays.copyOf(lines, size * 2);
            hits = Arrays.copyOf(hits, size * 2);
        }
        lines[size] = line;
        hits[size++] = Math.max(count, 0);
        if (unexecutedBlock) {
            partial.set(line);
        }
        if (ways > 0) {
            sides.add(new Sides(line, (BitSet) taken.clone(), ways));
        }
        if (made > 0) {
            calls.add(new Calls(line, returned, made));
        }
        outcomes.forEach(one -> decisions.add(
                new Outcomes(line, one.decision(), one.conditions(), one.missedTrue(), one.missedFalse())));
    }

    private void lineMember(String key) throws IOException, UnreadableReport {
        switch (key) {
            case "line_number" -> line = json.small();
            case "count" -> count = json.whole();
            case "unexecuted_block" -> unexecutedBlock = json.truth();
            case "branches" -> json.array(this::branch);
            case "conditions" -> json.array(this::decision);
            case "calls" -> json.array(this::call);
            default -> {}
        }
    }

    private void branch() throws IOException, UnreadableReport {
        long[] times = {0};
        boolean[] thrown = {false};
        json.object(key -> {
            if (key.equals("count")) {
                times[0] = json.whole();
            } else if (key.equals("throw")) {
                thrown[0] = json.truth();
            }
        });
        if (thrown[0]) {
            sink.skipped("exception branches");
        } else {
            taken.set(ways++, times[0] > 0);
        }
    }

    private void call() throws IOException, UnreadableReport {
        made++;
        json.object(key -> {
            if (key.equals("returned")) {
                returned += json.whole() > 0 ? 1 : 0;
            }
        });
    }

    /** A decision: {@code count} outcomes, two a condition; those that did not show their effect are listed. */
    private void decision() throws IOException, UnreadableReport {
        int[] all = {0};
        BitSet missedTrue = new BitSet();
        BitSet missedFalse = new BitSet();
        json.object(key -> {
            switch (key) {
                case "count" -> all[0] = json.small();
                case "not_covered_true" -> json.array(() -> missedTrue.set(condition()));
                case "not_covered_false" -> json.array(() -> missedFalse.set(condition()));
                default -> {}
            }
        });
        if (all[0] < 0 || all[0] > 2 * MOST_CONDITIONS) {
            throw json.broken("a decision of " + all[0] + " outcomes");
        }
        outcomes.add(new Outcomes(0, outcomes.size(), all[0] / 2, missedTrue, missedFalse));
    }

    private int condition() throws UnreadableReport {
        int index = json.small();
        if (index < 0 || index > MOST_CONDITIONS) {
            throw json.broken("no condition has the number " + index);
        }
        return index;
    }

    private void function() throws IOException, UnreadableReport {
        int[] place = {0, 0, 0};
        String[] names = {"", ""};
        long[] times = {0};
        json.object(key -> {
            switch (key) {
                case "start_line" -> place[0] = json.small();
                case "start_column" -> place[1] = json.small();
                case "end_line" -> place[2] = json.small();
                case "name" -> names[0] = json.text();
                case "demangled_name" -> names[1] = json.text();
                case "execution_count" -> times[0] = json.whole();
                default -> {}
            }
        });
        if (LineNumber.isPossible(place[0], json::line, sink)) {
            String shown = names[1].isEmpty() ? names[0] : names[1];
            int last = Math.max(place[0], Math.min(place[2], LineNumber.LAST));
            functions.add(new Function(place[0], Math.max(place[1], 0), last, shown, times[0] > 0));
        }
    }

    void emit(String path) {
        sink.startSource(path);
        for (int i = 0; i < size; i++) {
            sink.line(lines[i], hits[i]);
        }
        partial.stream().forEach(sink::partial);
        for (Sides one : sides) {
            for (int way = 0; way < one.ways(); way++) {
                sink.branchSide(one.line(), "", String.valueOf(way), one.taken().get(way));
            }
        }
        calls.forEach(one -> sink.calls(one.line(), one.returned(), one.made()));
        decisions.forEach(this::emit);
        functions.forEach(one -> sink.function(one.line(), one.column(), one.endLine(), one.name(), one.covered(), 0));
        sink.endSource();
    }

    private void emit(Outcomes one) {
        String expression = one.decision() == 0 ? "" : "decision " + (one.decision() + 1);
        for (int i = 0; i < one.conditions(); i++) {
            sink.condition(
                    one.line(),
                    one.conditions(),
                    i,
                    "t",
                    expression,
                    !one.missedTrue().get(i));
            sink.condition(
                    one.line(),
                    one.conditions(),
                    i,
                    "f",
                    expression,
                    !one.missedFalse().get(i));
        }
    }
}
