package ojala.core.model;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Random;
import java.util.TreeMap;
import java.util.stream.Stream;
import org.testng.annotations.Test;

/** Line sets and percentages. */
public class FiguresTest {
    @Test
    public void percentagesAreCutOffNeverRounded() {
        assertThat(new Count(79_999, 100_000).percent()).isEqualTo("79.99");
        assertThat(new Count(99_999, 100_000).percent()).isEqualTo("99.99");
        assertThat(new Count(1, 1_000_000).percent()).isEqualTo("<0.01");
        assertThat(new Count(0, 7).percent()).isEqualTo("0.00");
        assertThat(new Count(7, 7).percent()).isEqualTo("100.00");
        assertThat(Count.NONE.percent()).isEqualTo("–");
    }

    @Test
    public void lineSetsAreWrittenAsRangesAndReadAgain() {
        assertThat(LineSet.of(7, 1, 3, 2, 2)).hasToString("1-3,7");
        Random random = new Random(7);
        for (int round = 0; round < 500; round++) {
            LineSet set = LineSet.of(random.ints(random.nextInt(20), 1, 40).toArray());
            LineSet other = LineSet.of(random.ints(random.nextInt(20), 1, 40).toArray());
            assertThat(LineSet.parse(set.toString())).isEqualTo(set);
            assertThat(set.minus(other).union(set.intersect(other))).isEqualTo(set);
        }
    }

    @Test
    public void aCoveredLineWithASideNotTakenIsDrawnInPieces() {
        TreeMap<Side, Boolean> sides = new TreeMap<>();
        sides.put(new Side("0", "0"), true);
        sides.put(new Side("0", "1"), false);
        SourceCoverage source = new SourceCoverage(
                new Lines(new int[] {1, 2}, new byte[] {2, 2}),
                new TreeMap<>(java.util.Map.of(
                        1, new LineBranches(List.of(BranchShape.of(sides)), java.util.Optional.empty()))),
                List.of(),
                List.of());
        assertThat(source.drawnStates()[0]).isEqualTo(LineState.PARTIAL);
        assertThat(source.drawnStates()[1]).isEqualTo(LineState.COVERED);
        assertThat(source.countsWithin(LineSet.of(2)).get(CountName.BRANCHES)).isEmpty();
    }

    @Test
    public void aFunctionKnownByNameAndOneKnownByItsColumnAreOneFunction() {
        FunctionCoverage byColumn = new FunctionCoverage(4, 5, 9, "smooth(int)", false);
        FunctionCoverage byName = new FunctionCoverage(4, 0, 0, "smooth", true, 3);
        assertThat(functions(byName, byColumn)).containsExactly(new FunctionCoverage(4, 5, 9, "smooth(int)", true, 3));
        FunctionCoverage beside = new FunctionCoverage(4, 30, 4, "lambda", false);
        assertThat(functions(byName, byColumn, beside))
                .as("of two on one line no name fits")
                .containsExactlyInAnyOrder(byColumn, beside, byName);
        FunctionCoverage same = new FunctionCoverage(4, 0, 0, "lambda", true);
        assertThat(functions(byColumn, beside, same))
                .containsExactly(byColumn, new FunctionCoverage(4, 30, 4, "lambda", true));
    }

    @Test
    public void aPartialLineIsCoveredOnceAllStatementsThatTouchItRan() {
        Lines lines = new Lines(new int[] {2, 5, 9}, new byte[] {1, 1, 1});
        Statements statements = new Statements(List.of(
                new Statements.Range(1, 1, 3, 9, 1, true),
                new Statements.Range(3, 1, 10_000_000, 9, 1, false),
                new Statements.Range(9, 1, 9, 9, 1, true)));
        SourceCoverage source = new SourceCoverage(
                lines, new TreeMap<>(), List.of(), List.of(), statements, Portions.NONE, Portions.NONE);
        assertThat(source.drawnStates()).containsExactly(LineState.COVERED, LineState.PARTIAL, LineState.PARTIAL);
    }

    private static List<FunctionCoverage> functions(FunctionCoverage... all) {
        return new SourceCoverage(
                        Lines.NONE, new TreeMap<>(), Stream.of(all).sorted().toList(), List.of())
                .distinctFunctions();
    }
}
