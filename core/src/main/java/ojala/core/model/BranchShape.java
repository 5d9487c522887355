package ojala.core.model;

import java.util.BitSet;
import java.util.List;
import java.util.SortedMap;

/**
 * The sides of the branches on one line as one kind of report lists them, and which of them were taken. Two shapes with
 * the same sides say the same thing of different runs and can be united side by side.
 *
 * @param sides in rising order, without repeats, at least one
 * @param taken by index into {@code sides}; never changed after construction
 */
public record BranchShape(List<Side> sides, BitSet taken) {
    public BranchShape {
        sides = List.copyOf(sides);
        taken = (BitSet) taken.clone();
    }

    public static BranchShape of(SortedMap<Side, Boolean> takenBySide) {
        BitSet taken = new BitSet(takenBySide.size());
        int index = 0;
        for (boolean side : takenBySide.values()) {
            taken.set(index++, side);
        }
        return new BranchShape(List.copyOf(takenBySide.keySet()), taken);
    }

    public Count count() {
        return new Count(taken.cardinality(), sides.size());
    }

    /** The union with a shape of the same sides. */
    public BranchShape union(BranchShape other) {
        BitSet union = (BitSet) taken.clone();
        union.or(other.taken);
        return new BranchShape(sides, union);
    }
}
