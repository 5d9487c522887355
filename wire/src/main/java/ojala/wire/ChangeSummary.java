package ojala.wire;

import java.time.Instant;
import org.jspecify.annotations.Nullable;

/**
 * A pull request with its verdict.
 *
 * @param state {@code open}, {@code merged} or {@code closed}
 */
public record ChangeSummary(
        int number,
        String title,
        String source,
        String target,
        String head,
        String state,
        Instant updatedAt,
        @Nullable VerdictSummary verdict) {}
