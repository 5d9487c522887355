package ojala.wire;

/** The newest measured commit that a name means. */
public record Resolved(String name, String commit) {}
