package ojala.wire;

import java.time.Instant;

/** A commit in one line. */
public record CommitLine(String commit, String subject, String author, Instant committedAt) {}
