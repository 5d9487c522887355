package ojala.core.merge;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import java.util.TreeMap;
import ojala.core.model.BranchCount;
import ojala.core.model.BranchShape;
import ojala.core.model.Count;
import ojala.core.model.Hits;
import ojala.core.model.LineBranches;
import ojala.core.model.LineSet;
import ojala.core.model.Lines;
import ojala.core.model.Measurement;
import ojala.core.model.Side;
import ojala.core.model.SourceCoverage;
import org.testng.annotations.Test;

/** The laws of merging, on generated coverage, and what they mean for branches and hits. */
public class SourceMergeTest {
    private static final int ROUNDS = 3000;

    @Test
    public void orderGroupingAndRepetitionChangeNothing() {
        for (int seed = 0; seed < ROUNDS; seed++) {
            Generated generated = new Generated(seed);
            SourceCoverage a = generated.coverage();
            SourceCoverage b = generated.coverage();
            SourceCoverage c = generated.coverage();
            assertThat(SourceMerge.merge(a, b)).as("order, seed %d", seed).isEqualTo(SourceMerge.merge(b, a));
            assertThat(SourceMerge.merge(SourceMerge.merge(a, b), c))
                    .as("grouping, seed %d", seed)
                    .isEqualTo(SourceMerge.merge(a, SourceMerge.merge(b, c)));
            assertThat(SourceMerge.merge(a, a)).as("repetition, seed %d", seed).isEqualTo(a);
            SourceCoverage merged = SourceMerge.merge(a, b);
            assertThat(SourceMerge.merge(merged, a))
                    .as("repetition of a part, seed %d", seed)
                    .isEqualTo(merged);
        }
    }

    @Test
    public void coveredBeatsPartialBeatsMissed() {
        for (int seed = 0; seed < ROUNDS; seed++) {
            Generated generated = new Generated(seed);
            Lines a = generated.coverage().lines();
            Lines b = generated.coverage().lines();
            Lines merged = LineUnion.of(a, b);
            assertThat(merged.measurable()).isEqualTo(a.measurable().union(b.measurable()));
            assertThat(merged.covered()).isEqualTo(a.covered().union(b.covered()));
        }
    }

    private static LineBranches identified(boolean first, boolean second) {
        TreeMap<Side, Boolean> taken = new TreeMap<>();
        taken.put(new Side("0", "0"), first);
        taken.put(new Side("0", "1"), second);
        return new LineBranches(List.of(BranchShape.of(taken)), Optional.empty());
    }

    private static LineBranches counted(int covered, int total) {
        return new LineBranches(List.of(), Optional.of(new BranchCount(covered, total, true)));
    }

    private static LineBranches merged(LineBranches a, LineBranches b) {
        return SourceMerge.merge(on(a), on(b)).branches().get(1);
    }

    private static SourceCoverage on(LineBranches sides) {
        return new SourceCoverage(Lines.NONE, new TreeMap<>(java.util.Map.of(1, sides)), List.of(), List.of());
    }

    @Test
    public void sidesWithIdentityAreUnited() {
        LineBranches both = merged(identified(true, false), identified(false, true));
        assertThat(both.count()).isEqualTo(new Count(2, 2));
        assertThat(both.atLeast()).isFalse();
    }

    @Test
    public void sidesWithoutIdentityShowTheLargerCountsAtLeast() {
        LineBranches both = merged(counted(0, 1), counted(0, 1));
        assertThat(both.count()).isEqualTo(new Count(0, 1));
        assertThat(both.atLeast()).isTrue();
        assertThat(merged(counted(1, 2), counted(0, 3)).count()).isEqualTo(new Count(1, 3));
    }

    @Test
    public void identityBesideACountGivesTheTotal() {
        LineBranches both = merged(identified(true, false), counted(0, 5));
        assertThat(both.count()).isEqualTo(new Count(1, 2));
        assertThat(both.atLeast()).isTrue();
    }

    @Test
    public void hitsAddUpAndNeverOverflow() {
        Measurement a = measured(new int[] {1, 2}, 3, Long.MAX_VALUE - 1);
        Measurement b = measured(new int[] {2, 5}, 7, 1);
        Measurement both = SourceMerge.merge(a, b);
        assertThat(both.coverage().lines().measurable()).hasToString("1-2,5");
        assertThat(both.hits()).contains(new Hits(new long[] {3, Long.MAX_VALUE, 1}));
        assertThat(both.tests().get("moors")).isEqualTo(LineSet.of(1, 2, 5));
    }

    private static Measurement measured(int[] lines, long... hits) {
        byte[] covered = new byte[lines.length];
        java.util.Arrays.fill(covered, (byte) 2);
        SourceCoverage coverage = new SourceCoverage(new Lines(lines, covered), new TreeMap<>(), List.of(), List.of());
        return new Measurement(
                coverage, Optional.of(new Hits(hits)), new TreeMap<>(java.util.Map.of("moors", LineSet.of(lines))));
    }
}
