package ojala.wire;

/**
 * One side of a branch whose identity is known.
 *
 * @param block the place on the line that branches, in the writer's words; may be empty
 * @param way the way from there, in the writer's words
 */
public record SideDocument(String block, String way, boolean taken) {}
