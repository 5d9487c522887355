package ojala.core.model;

import java.util.Collections;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.SortedMap;
import java.util.TreeMap;

/**
 * What reports say of one source file, without hit counts. Immutable, and in one order only, so that equal coverage has
 * equal canonical bytes.
 *
 * @param branches by line, rising
 * @param functions in their order, no two with the same identity
 * @param conditions in their order, no two with the same identity
 */
public record SourceCoverage(
        Lines lines,
        SortedMap<Integer, LineBranches> branches,
        List<FunctionCoverage> functions,
        List<Condition> conditions) {
    public static final SourceCoverage NONE = new SourceCoverage(Lines.NONE, new TreeMap<>(), List.of(), List.of());

    public SourceCoverage {
        branches = Collections.unmodifiableSortedMap(new TreeMap<>(branches));
        functions = List.copyOf(functions);
        conditions = List.copyOf(conditions);
    }

    /**
     * The state to draw: a covered line with a side not taken is partial, a partial line with every side taken is
     * covered.
     */
    public LineState drawnState(int index) {
        LineState state = lines.state(index);
        LineBranches sides = branches.get(lines.number(index));
        if (state == LineState.MISSED || sides == null) {
            return state;
        }
        return sides.count().missed() > 0 ? LineState.PARTIAL : LineState.COVERED;
    }

    /** The counts over the whole source. */
    public Counts counts() {
        return counts(null);
    }

    /** The counts over some lines only; a function belongs to the line that it starts on. */
    public Counts countsWithin(LineSet within) {
        return counts(within);
    }

    private Counts counts(@org.jspecify.annotations.Nullable LineSet within) {
        Map<CountName, Count> counts = new EnumMap<>(CountName.class);
        if (within == null) {
            counts.put(CountName.LINES, lines.count());
        } else {
            LineSet measurable = lines.measurable().intersect(within);
            counts.put(
                    CountName.LINES,
                    new Count(measurable.intersect(lines.covered()).size(), measurable.size()));
        }
        branches.forEach((line, sides) -> {
            if (within == null || within.contains(line)) {
                counts.merge(CountName.BRANCHES, sides.count(), Count::plus);
            }
        });
        functions.forEach(function -> add(counts, CountName.FUNCTIONS, within, function.line(), function.covered()));
        conditions.forEach(condition -> add(counts, CountName.MCDC, within, condition.line(), condition.covered()));
        return new Counts(counts);
    }

    private static void add(
            Map<CountName, Count> counts,
            CountName name,
            @org.jspecify.annotations.Nullable LineSet within,
            int line,
            boolean covered) {
        if (within == null || within.contains(line)) {
            counts.merge(name, new Count(covered ? 1 : 0, 1), Count::plus);
        }
    }
}
