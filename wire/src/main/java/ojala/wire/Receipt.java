package ojala.wire;

import java.time.Instant;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * What became of a delivery.
 *
 * <p>Its state names a step: taken in, waiting for its commit, or finished.
 *
 * @param message what it waits for; absent otherwise
 */
public record Receipt(
        int schema,
        String id,
        String project,
        String suite,
        String part,
        String build,
        int attempt,
        String head,
        String measured,
        Instant receivedAt,
        String state,
        @Nullable String message,
        List<FileReceipt> files,
        List<DoubtDocument> doubts) {}
