package ojala.wire;

import java.time.Instant;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** What became of a delivery.
 *
 * @param state {@code received}, {@code waiting-for-commit} or {@code read}
 * @param message what it waits for; absent otherwise */
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
