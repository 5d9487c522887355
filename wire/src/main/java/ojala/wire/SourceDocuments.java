package ojala.wire;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import ojala.core.model.BranchShape;
import ojala.core.model.Condition;
import ojala.core.model.CountName;
import ojala.core.model.FunctionCoverage;
import ojala.core.model.LineBranches;
import ojala.core.model.LineSet;
import ojala.core.model.Side;
import ojala.core.model.SourceCoverage;
import org.jspecify.annotations.Nullable;

/** From what is known of one source to the documents that say it. */
public final class SourceDocuments {
    private SourceDocuments() {}

    /** A function with the counts of its lines, as far as it is known where they end. */
    public static FunctionDocument of(FunctionCoverage function, SourceCoverage coverage) {
        Map<String, CountDocument> counts = Map.of();
        if (function.endLine() > 0) {
            counts = Documents.of(coverage.countsWithin(LineSet.range(function.line(), function.endLine())));
            counts.keySet().removeAll(List.of(CountName.FUNCTIONS.word(), CountName.COMPLEXITY.word()));
        }
        return new FunctionDocument(
                function.name(),
                function.line(),
                known(function.column()),
                known(function.endLine()),
                function.covered(),
                known(function.complexity()),
                counts);
    }

    private static @Nullable Integer known(int number) {
        return number == 0 ? null : number;
    }

    /** The sides of a line whose identity is known; of several listings all. */
    public static List<SideDocument> sides(LineBranches branches) {
        List<SideDocument> sides = new ArrayList<>();
        for (int listing = 0; listing < branches.shapes().size(); listing++) {
            BranchShape shape = branches.shapes().get(listing);
            for (int i = 0; i < shape.sides().size(); i++) {
                Side side = shape.sides().get(i);
                sides.add(new SideDocument(
                        listing, side.block(), side.way(), shape.taken().get(i)));
            }
        }
        return sides;
    }

    public static ConditionDocument of(Condition one) {
        return new ConditionDocument(
                one.line(), one.groupSize(), one.index(), one.sense(), one.expression(), one.covered());
    }
}
