package ojala.wire;

/**
 * One outcome of a condition, for MC/DC.
 *
 * @param of conditions in the decision
 * @param index of this one, from 0
 * @param sense {@code t}, {@code f}, or {@code pair} where a writer only tells whether both were shown
 * @param expression in the source's words, or the place of the decision; may be empty
 */
public record ConditionDocument(int line, int of, int index, String sense, String expression, boolean covered) {}
