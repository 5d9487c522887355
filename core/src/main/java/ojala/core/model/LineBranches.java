package ojala.core.model;

import java.util.List;
import java.util.Optional;

/**
 * The branches of one line: the shapes whose sides are known by identity, apart from each other where their sides
 * differ, and beside them what was only counted.
 *
 * @param shapes in the order of their sides' texts, no two with the same sides
 */
public record LineBranches(List<BranchShape> shapes, Optional<BranchCount> counted) {
    public LineBranches {
        shapes = List.copyOf(shapes);
    }

    /**
     * What is shown: shapes that stay apart give the larger covered count with the larger total; where identity stands
     * beside a mere count, the identity wins for the total.
     */
    public Count count() {
        long total = 0;
        long covered = counted.map(BranchCount::covered).orElse(0);
        for (BranchShape shape : shapes) {
            covered = Math.max(covered, shape.count().covered());
            total = Math.max(total, shape.count().total());
        }
        if (shapes.isEmpty()) {
            total = counted.map(BranchCount::total).orElse(0);
        }
        return new Count(Math.min(covered, total), total);
    }

    /** Whether the covered count may be higher than shown. */
    public boolean atLeast() {
        boolean apart = shapes.size() > 1 || (!shapes.isEmpty() && counted.isPresent());
        return count().missed() > 0
                && (apart || counted.map(BranchCount::atLeast).orElse(false));
    }
}
