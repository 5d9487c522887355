package ojala.wire;

/**
 * One side of a branch whose identity is known.
 *
 * @param listing from 0: reports that list different sides of one line stay apart
 * @param block the place on the line that branches, in the writer's words; may be empty
 * @param way the way from there, in the writer's words
 */
public record SideDocument(int listing, String block, String way, boolean taken) {}
