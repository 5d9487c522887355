package ojala.wire;

/** A function of a source. */
public record FunctionDocument(String name, int line, boolean covered) {}
