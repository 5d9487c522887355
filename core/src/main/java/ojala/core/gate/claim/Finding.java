package ojala.core.gate.claim;

import java.util.Optional;
import ojala.core.model.Count;

/**
 * What a claim found.
 *
 * @param found absent where there was nothing to measure
 * @param shortfall how much is missing, on a breach
 * @param remark what else a reader should know; may be empty
 */
public record Finding(State state, Optional<Found> found, Optional<Shortfall> shortfall, String remark) {
    /** How a claim came out. */
    public enum State {
        HOLDS,
        BREACHED,
        /** There is nothing that it speaks of; it holds. */
        NOTHING,
        /** What it needs can't be seen from here. */
        UNKNOWN
    }

    /** The figure that was judged. */
    public sealed interface Found {}

    /** Covered out of total. */
    public record OfCount(Count count) implements Found {}

    /** A plain number of things. */
    public record Plain(long count) implements Found {}

    /**
     * A fall against the base.
     *
     * @param points in percentage points, cut off after two places; negative for a rise
     */
    public record Points(String points, Count now, Count before) implements Found {}

    /** What is missing, in the unit's own word: {@code 5 lines}. */
    public record Shortfall(long count, String unit) {
        @Override
        public String toString() {
            return count + " " + unit;
        }
    }

    static Finding holds(Found found) {
        return new Finding(State.HOLDS, Optional.of(found), Optional.empty(), "");
    }

    static Finding breached(Found found, long count, String unit) {
        return new Finding(State.BREACHED, Optional.of(found), Optional.of(new Shortfall(count, unit)), "");
    }

    static Finding nothing(String remark) {
        return new Finding(State.NOTHING, Optional.empty(), Optional.empty(), remark);
    }

    static Finding unknown(String remark) {
        return new Finding(State.UNKNOWN, Optional.empty(), Optional.empty(), remark);
    }
}
