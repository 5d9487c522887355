package ojala.core.model;

import java.util.Comparator;

/**
 * One outcome of one condition of a decision, for modified condition/decision coverage.
 *
 * @param groupSize conditions in the decision
 * @param index of the condition in its decision
 * @param sense the outcome, {@code t} or {@code f}
 */
public record Condition(int line, int groupSize, int index, String sense, String expression, boolean covered)
        implements Comparable<Condition> {
    private static final Comparator<Condition> ORDER = Comparator.comparingInt(Condition::line)
            .thenComparingInt(Condition::groupSize)
            .thenComparingInt(Condition::index)
            .thenComparing(Condition::sense)
            .thenComparing(Condition::expression)
            .thenComparing(Condition::covered);

    @Override
    public int compareTo(Condition other) {
        return ORDER.compare(this, other);
    }

    /** The same outcome, whatever was seen of it. */
    public Condition identity() {
        return new Condition(line, groupSize, index, sense, expression, false);
    }

    public Condition union(Condition other) {
        return covered ? this : other;
    }
}
