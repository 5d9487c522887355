package ojala.server.project;

import java.time.Instant;
import org.jspecify.annotations.Nullable;

/** A project's row. */
public record Project(
        long id,
        String key,
        String repository,
        String defaultBranch,
        @Nullable String codeHostUrl,
        @Nullable String codeHostSecret,
        Instant createdAt) {}
