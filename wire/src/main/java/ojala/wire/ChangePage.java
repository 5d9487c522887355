package ojala.wire;

import org.jspecify.annotations.Nullable;

/** A pull request with its verdict in full. */
public record ChangePage(ChangeSummary change, @Nullable VerdictDocument verdict) {}
