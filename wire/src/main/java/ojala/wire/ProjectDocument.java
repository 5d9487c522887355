package ojala.wire;

import java.time.Instant;
import org.jspecify.annotations.Nullable;

/**
 * A project as it stands.
 *
 * @param branch the verdict on the default branch's newest measured commit, if there is one
 * @param weekBefore its line count a week before that commit
 */
public record ProjectDocument(
        String key,
        String repository,
        String defaultBranch,
        @Nullable String codeHost,
        int openChanges,
        @Nullable VerdictSummary branch,
        @Nullable CountDocument weekBefore,
        Instant createdAt) {}
