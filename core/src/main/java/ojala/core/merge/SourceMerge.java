package ojala.core.merge;

import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.SortedMap;
import java.util.TreeMap;
import java.util.function.BinaryOperator;
import java.util.function.Function;
import java.util.function.LongBinaryOperator;
import ojala.core.model.BranchCount;
import ojala.core.model.BranchShape;
import ojala.core.model.Condition;
import ojala.core.model.FunctionCoverage;
import ojala.core.model.Hits;
import ojala.core.model.LineBranches;
import ojala.core.model.LineSet;
import ojala.core.model.Lines;
import ojala.core.model.Measurement;
import ojala.core.model.Side;
import ojala.core.model.SourceCoverage;

/**
 * Merges what several reports say of one source. Commutative and associative; merging a thing with itself changes
 * nothing but its hit counts.
 */
public final class SourceMerge {
    private SourceMerge() {}

    /** Merges coverage; costs the sum of the sizes. */
    public static SourceCoverage merge(SourceCoverage a, SourceCoverage b) {
        if (a.equals(b)) {
            return a;
        }
        return new SourceCoverage(
                LineUnion.of(a.lines(), b.lines()),
                branches(a.branches(), b.branches()),
                union(a.functions(), b.functions(), FunctionCoverage::identity, FunctionCoverage::union),
                union(a.conditions(), b.conditions(), Condition::identity, Condition::union),
                a.statements().union(b.statements()),
                a.instructions().union(b.instructions()),
                a.calls().union(b.calls()));
    }

    public static SourceCoverage merge(Collection<SourceCoverage> all) {
        return all.stream().reduce(SourceMerge::merge).orElse(SourceCoverage.NONE);
    }

    /** Merges measurements; hits add up line by line, saturating. Hits of one side stay where the other has none. */
    public static Measurement merge(Measurement a, Measurement b) {
        return merge(a, b, Hits::sum);
    }

    /**
     * Lays two tellings of the same run over each other: as {@link #merge}, but of two hit counts the higher stands.
     */
    public static Measurement overlay(Measurement a, Measurement b) {
        return merge(a, b, Math::max);
    }

    private static Measurement merge(Measurement a, Measurement b, LongBinaryOperator both) {
        SourceCoverage coverage = merge(a.coverage(), b.coverage());
        return new Measurement(coverage, hits(coverage.lines(), a, b, both), tests(a.tests(), b.tests()));
    }

    private static Optional<Hits> hits(Lines lines, Measurement a, Measurement b, LongBinaryOperator both) {
        if (a.hits().isEmpty() && b.hits().isEmpty()) {
            return Optional.empty();
        }
        long[] sums = new long[lines.size()];
        for (Measurement one : List.of(a, b)) {
            one.hits().ifPresent(hits -> {
                Lines own = one.coverage().lines();
                for (int i = 0, at = 0; i < own.size(); i++, at++) {
                    while (lines.number(at) != own.number(i)) {
                        at++;
                    }
                    sums[at] = both.applyAsLong(sums[at], hits.at(i));
                }
            });
        }
        return Optional.of(new Hits(sums));
    }

    private static SortedMap<String, LineSet> tests(SortedMap<String, LineSet> a, SortedMap<String, LineSet> b) {
        SortedMap<String, LineSet> union = new TreeMap<>(a);
        b.forEach((test, lines) -> union.merge(test, lines, LineSet::union));
        return union;
    }

    private static SortedMap<Integer, LineBranches> branches(
            SortedMap<Integer, LineBranches> a, SortedMap<Integer, LineBranches> b) {
        SortedMap<Integer, LineBranches> union = new TreeMap<>(a);
        b.forEach((line, sides) -> union.merge(line, sides, SourceMerge::sides));
        return union;
    }

    private static LineBranches sides(LineBranches a, LineBranches b) {
        Optional<BranchCount> counted = a.counted().isPresent() && b.counted().isPresent()
                ? Optional.of(a.counted().get().union(b.counted().get()))
                : a.counted().or(b::counted);
        SortedMap<String, BranchShape> shapes = new TreeMap<>();
        for (LineBranches one : List.of(a, b)) {
            one.shapes().forEach(shape -> shapes.merge(orderText(shape.sides()), shape, BranchShape::union));
        }
        return new LineBranches(List.copyOf(shapes.values()), counted);
    }

    /**
     * The text that shapes of a line are ordered by; lengths stand in it, so that no two lists of sides share a text.
     */
    private static String orderText(List<Side> sides) {
        StringBuilder text = new StringBuilder();
        for (Side side : sides) {
            text.append(side.block().length()).append(':').append(side.block());
            text.append(side.way().length()).append(':').append(side.way());
        }
        return text.toString();
    }

    private static <T extends Comparable<T>, K> List<T> union(
            List<T> a, List<T> b, Function<T, K> identity, BinaryOperator<T> union) {
        java.util.Map<K, T> byIdentity = new java.util.LinkedHashMap<>();
        a.forEach(one -> byIdentity.merge(identity.apply(one), one, union));
        b.forEach(one -> byIdentity.merge(identity.apply(one), one, union));
        return byIdentity.values().stream().sorted().toList();
    }
}
