package ojala.server.access;

import java.time.Instant;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * Who calls, by its token.
 *
 * @param project the key of the one project it may deliver to and read; absent for an administrator
 */
public record Caller(UUID token, String kind, @Nullable String project, Instant createdAt) {
    boolean administrator() {
        return kind.equals("administrator");
    }

    boolean mayUse(@Nullable String key) {
        return administrator() || (key != null && key.equals(project));
    }
}
