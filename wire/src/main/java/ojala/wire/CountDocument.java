package ojala.wire;

/** Covered out of total. */
public record CountDocument(long covered, long total) {}
