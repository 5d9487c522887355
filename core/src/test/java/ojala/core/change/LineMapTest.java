package ojala.core.change;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import java.util.TreeMap;
import ojala.core.model.FunctionCoverage;
import ojala.core.model.Hits;
import ojala.core.model.LineSet;
import ojala.core.model.Lines;
import ojala.core.model.Measurement;
import ojala.core.model.SourceCoverage;
import org.testng.annotations.Test;

/** Lines on their way between two versions of a file. */
public class LineMapTest {
    private static final LineMap MAP =
            new LineMap(List.of(new Edit(2, 0, 2, 2), new Edit(5, 2, 7, 1), new Edit(9, 1, 10, 0)));

    @Test
    public void unchangedLinesMoveAndChangedOnesAreDropped() {
        int[] expected = {1, 4, 5, 6, 0, 0, 8, 9, 0, 10};
        for (int line = 1; line <= expected.length; line++) {
            assertThat(MAP.map(line)).as("line %d", line).isEqualTo(expected[line - 1]);
        }
    }

    @Test
    public void aMeasurementMovesAsAWhole() {
        Measurement measured = new Measurement(
                new SourceCoverage(
                        new Lines(new int[] {1, 2, 5, 8}, new byte[] {2, 0, 2, 2}),
                        new TreeMap<>(),
                        List.of(
                                new FunctionCoverage(2, 0, 4, "moor", true),
                                new FunctionCoverage(5, 0, 6, "cast_off", true)),
                        List.of()),
                Optional.of(new Hits(new long[] {7, 0, 3, 4})),
                new TreeMap<>(java.util.Map.of("moors", LineSet.of(1, 5, 8))));
        Measurement moved = MAP.map(measured);
        assertThat(moved.coverage().lines().covered()).hasToString("1,9");
        assertThat(moved.coverage().lines().missed()).hasToString("4");
        assertThat(moved.hits()).contains(new Hits(new long[] {7, 0, 4}));
        assertThat(moved.coverage().functions()).containsExactly(new FunctionCoverage(4, 0, 6, "moor", true));
        assertThat(moved.tests().get("moors")).hasToString("1,9");
    }
}
