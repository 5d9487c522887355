package ojala.server.change;

import java.time.Instant;

/** A pull request's row. */
public record PullRequest(
        int number, String title, String source, String target, String head, String state, Instant updatedAt) {}
