package ojala.core.format.lcov;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import ojala.core.format.LineGroups;
import ojala.core.format.NoteKind;
import ojala.core.format.ReportSink;

/**
 * What can only be told at the end of a section: functions, whose places and hits stand in different records; branches,
 * whose identity shows only when all sides of a line are known; and the summary records.
 */
final class Section {
    private static final class Function {
        final String name;
        final int line;
        final int endLine;
        boolean covered;

        Function(String name, int line, int endLine) {
            this.name = name;
            this.line = line;
            this.endLine = endLine;
        }
    }

    private record Place(int line, int endLine) {}

    private record Taken(String block, String way, boolean taken) {}

    private final List<Function> functions = new ArrayList<>();
    private final Map<String, Deque<Function>> withoutHits = new HashMap<>();
    private final Map<String, Place> places = new HashMap<>();
    private final Map<String, Function> aliased = new LinkedHashMap<>();
    private final List<String> danglingHits = new ArrayList<>();
    private final LineGroups<Taken> branches = new LineGroups<>();
    private final Map<String, Long> seen = new HashMap<>();
    private final Map<String, Long> claimed = new LinkedHashMap<>();

    private long linesFound;
    private long linesHit;
    private long branchesFound;
    private long branchesHit;

    void clear() {
        functions.clear();
        withoutHits.clear();
        places.clear();
        aliased.clear();
        danglingHits.clear();
        branches.clear();
        seen.clear();
        claimed.clear();
        linesFound = 0;
        linesHit = 0;
        branchesFound = 0;
        branchesHit = 0;
    }

    void lineSeen(boolean hit) {
        linesFound++;
        linesHit += hit ? 1 : 0;
    }

    void branchSeen(boolean taken) {
        branchesFound++;
        branchesHit += taken ? 1 : 0;
    }

    void conditionSeen(boolean covered) {
        seen.merge("MCF", 1L, Long::sum);
        seen.merge("MCH", covered ? 1L : 0L, Long::sum);
    }

    void summary(String key, long value) {
        claimed.put(key, value);
    }

    void function(String name, int line, int endLine) {
        Function function = new Function(name, line, endLine);
        functions.add(function);
        withoutHits.computeIfAbsent(name, key -> new ArrayDeque<>()).add(function);
    }

    /**
     * Names may repeat in one section: the hits come in the order of the places. The last place takes what is left
     * over.
     */
    void functionHits(String name, long hits, long recordLine) {
        Deque<Function> waiting = withoutHits.get(name);
        if (waiting == null) {
            danglingHits.add("line " + recordLine + ": FNDA names " + name + ", which no FN declares");
            return;
        }
        Function function = waiting.size() > 1 ? waiting.remove() : waiting.element();
        function.covered |= hits > 0;
    }

    void place(String index, int line, int endLine) {
        places.put(index, new Place(line, endLine));
    }

    /**
     * All names under one index are one function; the least name stands for it. False if the index was never declared.
     */
    boolean alias(String index, String name, boolean covered) {
        Place place = places.get(index);
        if (place == null) {
            return false;
        }
        Function before = aliased.get(index);
        String least = before == null || name.compareTo(before.name) < 0 ? name : before.name;
        Function function = new Function(least, place.line(), place.endLine());
        function.covered = covered || (before != null && before.covered);
        aliased.put(index, function);
        return true;
    }

    void branch(int line, String block, String way, boolean taken) {
        branches.add(line, new Taken(block, way, taken));
    }

    void emit(ReportSink sink, long recordLine) {
        functions.addAll(aliased.values());
        functions.forEach(f -> sink.function(f.line, 0, f.endLine, f.name, f.covered, 0));
        branches.forEach((line, sides) -> emit(sink, line, sides));
        danglingHits.forEach(message -> sink.note(NoteKind.DANGLING, recordLine, message));
        disagreements(sink, recordLine);
    }

    private static void emit(ReportSink sink, int line, List<Taken> sides) {
        if (haveIdentity(sides)) {
            sides.forEach(side -> sink.branchSide(line, side.block(), side.way(), side.taken()));
            return;
        }
        int covered = 0;
        for (Taken side : sides) {
            covered += side.taken() ? 1 : 0;
        }
        sink.branchCount(line, covered, sides.size(), true);
    }

    /** Whether each block lists two ways or more. The usual line has one block with two ways. */
    private static boolean haveIdentity(List<Taken> sides) {
        Taken first = sides.get(0);
        if (sides.size() == 2) {
            Taken second = sides.get(1);
            return first.block().equals(second.block()) && !first.way().equals(second.way());
        }
        Map<String, Set<String>> waysByBlock = new HashMap<>();
        sides.forEach(side -> waysByBlock
                .computeIfAbsent(side.block(), key -> new HashSet<>())
                .add(side.way()));
        return waysByBlock.values().stream().allMatch(ways -> ways.size() > 1);
    }

    private void disagreements(ReportSink sink, long recordLine) {
        seen.put("LF", linesFound);
        seen.put("LH", linesHit);
        seen.put("BRF", branchesFound);
        seen.put("BRH", branchesHit);
        seen.put("FNF", (long) functions.size());
        seen.put("FNH", functions.stream().filter(f -> f.covered).count());
        claimed.forEach((key, value) -> {
            long counted = seen.getOrDefault(key, 0L);
            if (counted != value) {
                sink.note(
                        NoteKind.SUMMARY_DISAGREES,
                        recordLine,
                        key + " says " + value + ", the records are " + counted + "; the records count");
            }
        });
    }
}
