package ojala.wire;

/** A reason not to trust a measurement, and the next step to take. */
public record DoubtDocument(String kind, String message, String next) {}
