package ojala.core.format;

import java.util.Arrays;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.SortedMap;
import java.util.TreeMap;
import java.util.stream.IntStream;
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
    private String test = "";
    private final LineGroups<SideTaken> sides = new LineGroups<>();
    private final Map<List<SideTaken>, BranchShape> shapes = new HashMap<>();
    private final TreeMap<Integer, BranchCount> counted = new TreeMap<>();
    private final Map<FunctionCoverage.Identity, FunctionCoverage> functions = new LinkedHashMap<>();
    private final Map<Condition, Condition> conditions = new LinkedHashMap<>();

    void clear() {
        size = 0;
        rising = true;
        test = "";
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
        Lines lines = new Lines(Arrays.copyOf(numbers, size), states);
        SortedMap<String, LineSet> tests = new TreeMap<>();
        if (!test.isEmpty()) {
            tests.put(test, lines.covered());
        }
        SourceCoverage coverage = new SourceCoverage(
                lines,
                branches(),
                functions.values().stream().sorted().toList(),
                conditions.values().stream().sorted().toList());
        return new Measurement(coverage, Optional.of(new Hits(Arrays.copyOf(hits, size))), tests);
    }

    private void sortAndAddUp() {
        int[] from = numbers;
        long[] fromHits = hits;
        int[] order = IntStream.range(0, size)
                .boxed()
                .sorted((a, b) -> Integer.compare(from[a], from[b]))
                .mapToInt(Integer::intValue)
                .toArray();
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
