package ojala.wire;

import java.time.Instant;
import org.jspecify.annotations.Nullable;

/**
 * A project as it stands.
 *
 * @param branch the default branch's newest verdict, if there is one
 */
public record ProjectDocument(
        String key,
        String repository,
        String defaultBranch,
        @Nullable String codeHost,
        int openChanges,
        @Nullable VerdictSummary branch,
        Instant createdAt) {}
