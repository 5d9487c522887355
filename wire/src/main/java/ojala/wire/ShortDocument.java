package ojala.wire;

/** How much is missing: {@code 5}, {@code lines}. */
public record ShortDocument(long count, String unit) {}
