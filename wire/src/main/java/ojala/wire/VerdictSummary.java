package ojala.wire;

import java.time.Instant;
import org.jspecify.annotations.Nullable;

/** A verdict in one line. */
public record VerdictSummary(
        String head,
        String target,
        long number,
        String verdict,
        String headline,
        @Nullable CountDocument lines,
        Instant decidedAt) {}
