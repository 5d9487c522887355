package ojala.wire;

import org.jspecify.annotations.Nullable;

/** A project to set up. */
public record NewProject(
        String key,
        String repository,
        @Nullable String defaultBranch,
        @Nullable CodeHostDocument codeHost) {}
