package ojala.core.change;

import java.util.List;
import java.util.SortedMap;
import java.util.TreeMap;
import java.util.stream.IntStream;
import ojala.core.model.BranchShape;
import ojala.core.model.Hits;
import ojala.core.model.LineBranches;
import ojala.core.model.LineSet;
import ojala.core.model.LineState;
import ojala.core.model.Lines;
import ojala.core.model.Measurement;
import ojala.core.model.SourceCoverage;
import ojala.core.model.Statements;

/**
 * Carries what was measured on one version of a file to another version: unchanged lines move, changed ones are
 * dropped.
 */
public final class LineMap {
    private final List<Edit> edits;

    /** @param edits from the measured version to the wanted one, in rising order */
    public LineMap(List<Edit> edits) {
        this.edits = List.copyOf(edits);
    }

    /** The line in the wanted version, or 0 if that line was changed or deleted. */
    public int map(int line) {
        int shift = 0;
        for (Edit edit : edits) {
            if (line < edit.oldFirst()) {
                break;
            }
            if (line < edit.oldFirst() + edit.oldCount()) {
                return 0;
            }
            shift = edit.newFirst() + edit.newCount() - edit.oldFirst() - edit.oldCount();
        }
        return line + shift;
    }

    /** The measurement as far as it holds for the wanted version. */
    public Measurement map(Measurement measured) {
        if (edits.isEmpty()) {
            return measured;
        }
        SourceCoverage coverage = measured.coverage();
        int[] kept = IntStream.range(0, coverage.lines().size())
                .filter(i -> map(coverage.lines().number(i)) > 0)
                .toArray();
        SortedMap<String, LineSet> tests = new TreeMap<>();
        measured.tests().forEach((test, lines) -> tests.put(test, map(lines)));
        return new Measurement(
                map(coverage, kept),
                measured.hits()
                        .map(hits ->
                                new Hits(IntStream.of(kept).mapToLong(hits::at).toArray())),
                tests);
    }

    private LineSet map(LineSet lines) {
        return LineSet.of(lines.stream().map(this::map).filter(line -> line > 0).toArray());
    }

    private SourceCoverage map(SourceCoverage coverage, int[] kept) {
        byte[] states = new byte[kept.length];
        for (int i = 0; i < kept.length; i++) {
            LineState state = coverage.lines().state(kept[i]);
            states[i] = (byte) state.code();
        }
        Lines lines = new Lines(
                IntStream.of(kept).map(i -> map(coverage.lines().number(i))).toArray(), states);
        SortedMap<Integer, LineBranches> branches = new TreeMap<>();
        coverage.branches().forEach((line, sides) -> {
            if (map(line) > 0) {
                List<BranchShape> shapes = sides.shapes();
                branches.put(map(line), new LineBranches(shapes, sides.counted()));
            }
        });
        return new SourceCoverage(
                lines,
                branches,
                coverage.functions().stream()
                        .filter(f -> map(f.line()) > 0)
                        .map(f -> f.at(map(f.line()), map(f.endLine())))
                        .sorted()
                        .toList(),
                coverage.conditions().stream()
                        .filter(c -> map(c.line()) > 0)
                        .map(c -> new ojala.core.model.Condition(
                                map(c.line()), c.groupSize(), c.index(), c.sense(), c.expression(), c.covered()))
                        .sorted()
                        .toList(),
                new Statements(coverage.statements().ranges().stream()
                        .filter(one -> map(one.line()) > 0 && map(one.endLine()) > 0)
                        .map(one -> one.at(map(one.line()), map(one.endLine())))
                        .toList()),
                coverage.instructions().at(this::map),
                coverage.calls().at(this::map));
    }
}
