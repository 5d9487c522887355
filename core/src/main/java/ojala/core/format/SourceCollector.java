package ojala.core.format;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.BitSet;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.SortedMap;
import java.util.TreeMap;
import ojala.core.model.BranchCount;
import ojala.core.model.BranchShape;
import ojala.core.model.Condition;
import ojala.core.model.FunctionCoverage;
import ojala.core.model.Hits;
import ojala.core.model.LineBranches;
import ojala.core.model.LineSet;
import ojala.core.model.LineState;
import ojala.core.model.Lines;
import ojala.core.model.Measurement;
import ojala.core.model.Side;
import ojala.core.model.SourceCoverage;
import ojala.core.model.Statements;

/**
 * Collects one source. Lines go into growing arrays and are sorted only if they did not come in order; used again for
 * the next source.
 */
final class SourceCollector {
    /** More kinds of branching lines than this are not remembered. */
    private static final int REMEMBERED_SHAPES = 10_000;

    private record SideTaken(Side side, boolean taken) {}

    private int[] numbers = new int[256];
    private long[] hits = new long[256];
    private int size;
    private boolean rising = true;
    private boolean countsHits = true;
    private String test = "";
    private final BitSet partial = new BitSet();
    private final Map<String, LineList> reached = new HashMap<>();
    private final List<Statements.Range> statements = new ArrayList<>();
    private final PortionList instructions = new PortionList();
    private final PortionList calls = new PortionList();
    private final LineGroups<SideTaken> sides = new LineGroups<>();
    private final Map<List<SideTaken>, BranchShape> shapes = new HashMap<>();
    private final TreeMap<Integer, BranchCount> counted = new TreeMap<>();
    private final Map<FunctionCoverage.Identity, FunctionCoverage> functions = new LinkedHashMap<>();
    private final Map<Condition, Condition> conditions = new LinkedHashMap<>();

    void clear() {
        size = 0;
        rising = true;
        countsHits = true;
        test = "";
        partial.clear();
        reached.clear();
        statements.clear();
        instructions.clear();
        calls.clear();
        sides.clear();
        counted.clear();
        functions.clear();
        conditions.clear();
    }

    void test(String name) {
        test = name;
    }

    void line(int line, long times) {
        if (size == numbers.length) {
            numbers = Arrays.copyOf(numbers, size * 2);
            hits = Arrays.copyOf(hits, size * 2);
        }
        rising &= size == 0 || numbers[size - 1] < line;
        numbers[size] = line;
        hits[size++] = times;
    }

    void partial(int line) {
        partial.set(line);
    }

    void state(int line, LineState state) {
        countsHits = false;
        line(line, state == LineState.MISSED ? 0 : 1);
        if (state == LineState.PARTIAL) {
            partial(line);
        }
    }

    void reached(int line, String byTest) {
        reached.computeIfAbsent(byTest, key -> new LineList()).add(line);
    }

    void statement(Statements.Range range) {
        statements.add(range);
    }

    void instructions(int line, int covered, int total) {
        instructions.add(line, covered, total);
    }

    void calls(int line, int covered, int total) {
        calls.add(line, covered, total);
    }

    void branchSide(int line, String block, String way, boolean taken) {
        sides.add(line, new SideTaken(new Side(block, way), taken));
    }

    void branchCount(int line, int covered, int total, boolean atLeast) {
        counted.merge(
                line,
                new BranchCount(covered, total, atLeast),
                (a, b) ->
                        new BranchCount(a.covered() + b.covered(), a.total() + b.total(), a.atLeast() || b.atLeast()));
    }

    void function(FunctionCoverage function) {
        functions.merge(function.identity(), function, FunctionCoverage::union);
    }

    void condition(int line, int groupSize, int index, String sense, String expression, boolean covered) {
        Condition condition = new Condition(line, groupSize, index, sense, expression, covered);
        conditions.merge(condition.identity(), condition, Condition::union);
    }

    Measurement measurement() {
        if (!rising) {
            sortAndAddUp();
        }
        byte[] states = new byte[size];
        for (int i = 0; i < size; i++) {
            states[i] = (byte) (hits[i] > 0 ? LineState.COVERED : LineState.MISSED).code();
        }
        for (int line = partial.nextSetBit(0); line >= 0; line = partial.nextSetBit(line + 1)) {
            int index = Arrays.binarySearch(numbers, 0, size, line);
            if (index >= 0 && hits[index] > 0) {
                states[index] = (byte) LineState.PARTIAL.code();
            }
        }
        Lines lines = new Lines(Arrays.copyOf(numbers, size), states);
        SortedMap<String, LineSet> tests = new TreeMap<>();
        if (!test.isEmpty()) {
            tests.put(test, lines.covered());
        }
        reached.forEach((byTest, list) -> tests.merge(byTest, list.set(), LineSet::union));
        SourceCoverage coverage = new SourceCoverage(
                lines,
                branches(),
                functions.values().stream().sorted().toList(),
                conditions.values().stream().sorted().toList(),
                statements.isEmpty() ? Statements.NONE : new Statements(statements),
                instructions.portions(),
                calls.portions());
        Optional<Hits> counted =
                countsHits && size > 0 ? Optional.of(new Hits(Arrays.copyOf(hits, size))) : Optional.empty();
        return new Measurement(coverage, counted, tests);
    }

    private void sortAndAddUp() {
        int[] from = numbers;
        long[] fromHits = hits;
        int[] order = LineOrder.of(from, size);
        int[] to = new int[Math.max(size, 1)];
        long[] toHits = new long[to.length];
        int distinct = 0;
        for (int at : order) {
            if (distinct > 0 && to[distinct - 1] == from[at]) {
                toHits[distinct - 1] = Hits.sum(toHits[distinct - 1], fromHits[at]);
            } else {
                to[distinct] = from[at];
                toHits[distinct++] = fromHits[at];
            }
        }
        numbers = to;
        hits = toHits;
        size = distinct;
    }

    private SortedMap<Integer, LineBranches> branches() {
        SortedMap<Integer, LineBranches> branches = new TreeMap<>();
        sides.forEach((line, taken) ->
                branches.put(line, new LineBranches(List.of(shape(taken)), Optional.ofNullable(counted.get(line)))));
        counted.forEach((line, count) -> branches.putIfAbsent(line, new LineBranches(List.of(), Optional.of(count))));
        return branches;
    }

    /** Most lines branch alike: a shape is made once for the whole report. */
    private BranchShape shape(List<SideTaken> sidesOfLine) {
        BranchShape before = shapes.get(sidesOfLine);
        if (before != null) {
            return before;
        }
        SortedMap<Side, Boolean> united = new TreeMap<>();
        sidesOfLine.forEach(one -> united.merge(one.side(), one.taken(), Boolean::logicalOr));
        BranchShape shape = BranchShape.of(united);
        if (shapes.size() < REMEMBERED_SHAPES) {
            shapes.put(List.copyOf(sidesOfLine), shape);
        }
        return shape;
    }
}
