package ojala.wire;

/**
 * A delivery for a commit.
 *
 * @param counts whether it is in the tally; a newer attempt of its slot takes its place
 */
public record DeliveryDocument(Receipt receipt, boolean counts) {}
