package ojala.core.model;

import java.util.ArrayList;
import java.util.Collections;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.SortedMap;
import java.util.TreeMap;
import java.util.function.IntPredicate;
import org.jspecify.annotations.Nullable;

/**
 * What reports say of one source file, without hit counts. Immutable, and in one order only, so that equal coverage has
 * equal canonical bytes.
 *
 * @param branches by line, rising
 * @param functions in their order, no two with the same identity
 * @param conditions in their order, no two with the same identity
 * @param instructions of the machine, by line
 * @param calls of functions, by line
 */
public record SourceCoverage(
        Lines lines,
        SortedMap<Integer, LineBranches> branches,
        List<FunctionCoverage> functions,
        List<Condition> conditions,
        Statements statements,
        Portions instructions,
        Portions calls) {
    public static final SourceCoverage NONE = new SourceCoverage(Lines.NONE, new TreeMap<>(), List.of(), List.of());

    /** Coverage whose reports count neither statements nor what lies below a line. */
    public SourceCoverage(
            Lines lines,
            SortedMap<Integer, LineBranches> branches,
            List<FunctionCoverage> functions,
            List<Condition> conditions) {
        this(lines, branches, functions, conditions, Statements.NONE, Portions.NONE, Portions.NONE);
    }

    public SourceCoverage {
        branches = Collections.unmodifiableSortedMap(new TreeMap<>(branches));
        functions = List.copyOf(functions);
        conditions = List.copyOf(conditions);
    }

    /**
     * The states to draw, by index into the lines: a covered line with a side not taken is partial; a partial line is
     * covered where every side of it was taken, or where it has statements instead and all of them ran.
     */
    public LineState[] drawnStates() {
        LineState[] drawn = new LineState[lines.size()];
        boolean[] missedStatements = statements.missedOn(lines);
        for (int i = 0; i < drawn.length; i++) {
            drawn[i] = drawnState(i, missedStatements[i]);
        }
        return drawn;
    }

    private LineState drawnState(int index, boolean missedStatement) {
        LineState state = lines.state(index);
        LineBranches sides = branches.get(lines.number(index));
        if (state == LineState.MISSED) {
            return state;
        }
        if (sides != null) {
            return sides.count().missed() > 0 ? LineState.PARTIAL : LineState.COVERED;
        }
        return statements.size() > 0 && !missedStatement ? LineState.COVERED : state;
    }

    /**
     * The functions, each once: one that a report knows by name only is the one that another report knows by its column
     * where both start on the same line and either have the same name or are the only ones there. Told apart only here,
     * because what is one depends on all that was merged.
     */
    public List<FunctionCoverage> distinctFunctions() {
        List<FunctionCoverage> distinct = new ArrayList<>();
        for (int from = 0; from < functions.size(); ) {
            int to = from + 1;
            while (to < functions.size()
                    && functions.get(to).line() == functions.get(from).line()) {
                to++;
            }
            distinct.addAll(FunctionCoverage.distinct(functions.subList(from, to)));
            from = to;
        }
        return distinct;
    }

    /** The counts over the whole source. */
    public Counts counts() {
        return counts(null);
    }

    /** The counts over some lines only; a function or a statement belongs to the line that it starts on. */
    public Counts countsWithin(LineSet within) {
        return counts(within);
    }

    private Counts counts(@Nullable LineSet within) {
        Map<CountName, Count> counts = new EnumMap<>(CountName.class);
        if (within == null) {
            counts.put(CountName.LINES, lines.count());
        } else {
            LineSet measurable = lines.measurable().intersect(within);
            counts.put(
                    CountName.LINES,
                    new Count(measurable.intersect(lines.covered()).size(), measurable.size()));
        }
        IntPredicate counted = line -> within == null || within.contains(line);
        branches.forEach((line, sides) -> add(counts, CountName.BRANCHES, counted.test(line), sides.count()));
        for (FunctionCoverage function : distinctFunctions()) {
            boolean in = counted.test(function.line());
            add(counts, CountName.FUNCTIONS, in, function.covered(), 1);
            add(
                    counts,
                    CountName.COMPLEXITY,
                    in && function.complexity() > 0,
                    function.covered(),
                    function.complexity());
        }
        conditions.forEach(one -> add(counts, CountName.MCDC, counted.test(one.line()), one.covered(), 1));
        statements
                .ranges()
                .forEach(one ->
                        add(counts, CountName.STATEMENTS, counted.test(one.line()), one.covered(), one.howMany()));
        instructions.byLine().forEach((line, one) -> add(counts, CountName.INSTRUCTIONS, counted.test(line), one));
        calls.byLine().forEach((line, one) -> add(counts, CountName.CALLS, counted.test(line), one));
        return new Counts(counts);
    }

    private static void add(
            Map<CountName, Count> counts, CountName name, boolean counted, boolean covered, int howMany) {
        add(counts, name, counted, new Count(covered ? howMany : 0, howMany));
    }

    private static void add(Map<CountName, Count> counts, CountName name, boolean counted, Count count) {
        if (counted) {
            counts.merge(name, count, Count::plus);
        }
    }
}
