package ojala.wire;

import java.time.Instant;
import org.jspecify.annotations.Nullable;

/**
 * A token. The secret is shown once, when it is made.
 *
 * @param kind {@code delivery} or {@code administrator}
 */
public record TokenDocument(
        String id,
        String kind,
        @Nullable String project,
        Instant createdAt,
        @Nullable String secret) {}
