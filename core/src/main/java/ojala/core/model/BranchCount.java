package ojala.core.model;

/**
 * Branch sides of a line that a report only counts, or names without guaranteeing that the names mean the same in the
 * next run.
 *
 * @param atLeast whether the true covered number may be higher, because runs that took different sides look alike
 */
public record BranchCount(int covered, int total, boolean atLeast) {
    /** The larger covered count with the larger total; exact only where both say the same. */
    public BranchCount union(BranchCount other) {
        boolean same = covered == other.covered && total == other.total;
        return new BranchCount(
                Math.max(covered, other.covered), Math.max(total, other.total), atLeast || other.atLeast || !same);
    }
}
