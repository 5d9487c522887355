package ojala.git;

import java.time.Instant;
import java.util.List;

/** A commit's own facts; ids are 40 hexadecimal digits. */
public record CommitInfo(
        String id, String tree, List<String> parents, String subject, String author, Instant committedAt) {}
