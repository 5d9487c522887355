package ojala.server.delivery;

import java.time.Instant;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * A delivery's row.
 *
 * @param manifest as JSON
 * @param headTree the tree id of the judged commit, once known
 * @param root of the tally of this delivery alone, once read
 * @param doubts as JSON
 */
public record Delivery(
        UUID id,
        String manifest,
        String head,
        String suite,
        String part,
        String build,
        int attempt,
        Instant receivedAt,
        String state,
        @Nullable String message,
        @Nullable String headTree,
        @Nullable String root,
        String doubts) {
    public boolean read() {
        return state.equals("read");
    }
}
