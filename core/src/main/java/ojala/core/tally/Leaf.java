package ojala.core.tally;

import java.util.ArrayList;
import java.util.BitSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.SortedMap;
import java.util.TreeMap;
import ojala.core.model.BranchCount;
import ojala.core.model.BranchShape;
import ojala.core.model.Condition;
import ojala.core.model.Count;
import ojala.core.model.FunctionCoverage;
import ojala.core.model.LineBranches;
import ojala.core.model.LineState;
import ojala.core.model.Lines;
import ojala.core.model.Portions;
import ojala.core.model.Side;
import ojala.core.model.SourceCoverage;
import ojala.core.model.Statements;

/**
 * The canonical bytes of a source's coverage, format 1, as written down in {@code docs/canonical-bytes.md}. Equal
 * coverage has equal bytes, so that equal content is stored once.
 */
public final class Leaf {
    private static final byte[] MAGIC = {'O', 'J', 'L', 1};

    private static final int BRANCHES = 1;
    private static final int FUNCTIONS = 2;
    private static final int CONDITIONS = 3;
    private static final int COMPLEXITIES = 4;
    private static final int STATEMENTS = 5;
    private static final int INSTRUCTIONS = 6;
    private static final int CALLS = 7;

    private Leaf() {}

    public static byte[] write(SourceCoverage coverage) {
        ByteWriter out = new ByteWriter().raw(MAGIC);
        Lines lines = coverage.lines();
        out.number(lines.size());
        for (int i = 0, before = 0; i < lines.size(); before = lines.number(i++)) {
            out.number((long) (lines.number(i) - before) << 2 | lines.state(i).code());
        }
        section(out, BRANCHES, coverage.branches().size(), branches(coverage.branches()));
        section(out, FUNCTIONS, coverage.functions().size(), functions(coverage.functions()));
        section(out, CONDITIONS, coverage.conditions().size(), conditions(coverage.conditions()));
        int complexities = (int)
                coverage.functions().stream().filter(f -> f.complexity() > 0).count();
        section(out, COMPLEXITIES, complexities, complexities(coverage.functions()));
        section(out, STATEMENTS, coverage.statements().size(), statements(coverage.statements()));
        section(out, INSTRUCTIONS, coverage.instructions().size(), portions(coverage.instructions()));
        section(out, CALLS, coverage.calls().size(), portions(coverage.calls()));
        return out.bytes();
    }

    /** A section stands only where it has something in it, so that a new kind changes no old bytes. */
    private static void section(ByteWriter out, int kind, int size, ByteWriter content) {
        if (size > 0) {
            out.octet(kind).number(size).raw(content.bytes());
        }
    }

    private static ByteWriter branches(SortedMap<Integer, LineBranches> branches) {
        ByteWriter out = new ByteWriter();
        int before = 0;
        for (Map.Entry<Integer, LineBranches> entry : branches.entrySet()) {
            out.number(entry.getKey() - before);
            before = entry.getKey();
            out.number(entry.getValue().shapes().size());
            entry.getValue().shapes().forEach(shape -> shape(out, shape));
            Optional<BranchCount> counted = entry.getValue().counted();
            out.octet(counted.map(count -> count.atLeast() ? 2 : 1).orElse(0));
            counted.ifPresent(count -> out.number(count.covered()).number(count.total()));
        }
        return out;
    }

    private static void shape(ByteWriter out, BranchShape shape) {
        out.number(shape.sides().size());
        for (int i = 0; i < shape.sides().size(); i++) {
            Side side = shape.sides().get(i);
            out.text(side.block()).text(side.way()).octet(shape.taken().get(i) ? 1 : 0);
        }
    }

    private static ByteWriter functions(List<FunctionCoverage> functions) {
        ByteWriter out = new ByteWriter();
        for (FunctionCoverage f : functions) {
            out.number(f.line()).number(f.column()).number(f.endLine());
            out.text(f.name()).octet(f.covered() ? 1 : 0);
        }
        return out;
    }

    private static ByteWriter complexities(List<FunctionCoverage> functions) {
        ByteWriter out = new ByteWriter();
        for (int i = 0; i < functions.size(); i++) {
            if (functions.get(i).complexity() > 0) {
                out.number(i).number(functions.get(i).complexity());
            }
        }
        return out;
    }

    private static ByteWriter conditions(List<Condition> conditions) {
        ByteWriter out = new ByteWriter();
        for (Condition c : conditions) {
            out.number(c.line()).number(c.groupSize()).number(c.index());
            out.text(c.sense()).text(c.expression()).octet(c.covered() ? 1 : 0);
        }
        return out;
    }

    private static ByteWriter statements(Statements statements) {
        ByteWriter out = new ByteWriter();
        int before = 0;
        for (Statements.Range range : statements.ranges()) {
            out.number(range.line() - before).number(range.column());
            out.number(range.endLine() - range.line()).number(range.endColumn());
            out.number((long) range.howMany() << 1 | (range.covered() ? 1 : 0));
            before = range.line();
        }
        return out;
    }

    private static ByteWriter portions(Portions portions) {
        ByteWriter out = new ByteWriter();
        for (int i = 0, before = 0; i < portions.size(); before = portions.line(i++)) {
            out.number(portions.line(i) - before);
            out.number(portions.count(i).covered()).number(portions.count(i).total());
        }
        return out;
    }

    /** Reads what {@link #write} wrote. */
    public static SourceCoverage read(byte[] bytes) {
        ByteReader in = new ByteReader(bytes);
        in.expect(MAGIC);
        Lines lines = readLines(in);
        SortedMap<Integer, LineBranches> branches = new TreeMap<>();
        List<FunctionCoverage> functions = new ArrayList<>();
        List<Condition> conditions = new ArrayList<>();
        List<Statements.Range> statements = new ArrayList<>();
        TreeMap<Integer, Count> instructions = new TreeMap<>();
        TreeMap<Integer, Count> calls = new TreeMap<>();
        while (!in.atEnd()) {
            int kind = in.octet();
            int size = in.small();
            for (int i = 0; i < size; i++) {
                switch (kind) {
                    case BRANCHES -> readBranches(in, branches);
                    case FUNCTIONS -> functions.add(readFunction(in));
                    case CONDITIONS -> conditions.add(readCondition(in));
                    case COMPLEXITIES -> readComplexity(in, functions);
                    case STATEMENTS -> readStatement(in, statements);
                    case INSTRUCTIONS -> readPortion(in, instructions);
                    case CALLS -> readPortion(in, calls);
                    default -> throw new IllegalStateException("a leaf with a section of kind " + kind);
                }
            }
        }
        return new SourceCoverage(
                lines,
                branches,
                functions,
                conditions,
                new Statements(statements),
                Portions.of(instructions),
                Portions.of(calls));
    }

    private static void readStatement(ByteReader in, List<Statements.Range> statements) {
        int before =
                statements.isEmpty() ? 0 : statements.get(statements.size() - 1).line();
        int line = before + in.small();
        int column = in.small();
        int endLine = line + in.small();
        int endColumn = in.small();
        long howMany = in.number();
        statements.add(
                new Statements.Range(line, column, endLine, endColumn, (int) (howMany >> 1), (howMany & 1) == 1));
    }

    private static void readPortion(ByteReader in, SortedMap<Integer, Count> portions) {
        int line = (portions.isEmpty() ? 0 : portions.lastKey()) + in.small();
        portions.put(line, new Count(in.small(), in.small()));
    }

    private static Lines readLines(ByteReader in) {
        int[] numbers = new int[in.small()];
        byte[] states = new byte[numbers.length];
        for (int i = 0, before = 0; i < numbers.length; before = numbers[i++]) {
            long entry = in.number();
            numbers[i] = before + (int) (entry >> 2);
            states[i] = (byte) LineState.ofCode((int) (entry & 3)).code();
        }
        return new Lines(numbers, states);
    }

    private static void readBranches(ByteReader in, SortedMap<Integer, LineBranches> branches) {
        int line = (branches.isEmpty() ? 0 : branches.lastKey()) + in.small();
        List<BranchShape> shapes = new ArrayList<>();
        int howMany = in.small();
        for (int i = 0; i < howMany; i++) {
            shapes.add(readShape(in));
        }
        int counted = in.octet();
        branches.put(
                line,
                new LineBranches(
                        shapes,
                        counted == 0
                                ? Optional.empty()
                                : Optional.of(new BranchCount(in.small(), in.small(), counted == 2))));
    }

    private static BranchShape readShape(ByteReader in) {
        int size = in.small();
        List<Side> sides = new ArrayList<>();
        BitSet taken = new BitSet(size);
        for (int i = 0; i < size; i++) {
            sides.add(new Side(in.text(), in.text()));
            taken.set(i, in.octet() == 1);
        }
        return new BranchShape(sides, taken);
    }

    private static FunctionCoverage readFunction(ByteReader in) {
        return new FunctionCoverage(in.small(), in.small(), in.small(), in.text(), in.octet() == 1);
    }

    private static void readComplexity(ByteReader in, List<FunctionCoverage> functions) {
        int index = in.small();
        FunctionCoverage f = functions.get(index);
        functions.set(
                index, new FunctionCoverage(f.line(), f.column(), f.endLine(), f.name(), f.covered(), in.small()));
    }

    private static Condition readCondition(ByteReader in) {
        return new Condition(in.small(), in.small(), in.small(), in.text(), in.text(), in.octet() == 1);
    }
}
