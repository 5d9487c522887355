package ojala.wire;

import org.jspecify.annotations.Nullable;

/** Where verdicts are published. The secret signs calls in both directions and is never shown again. */
public record CodeHostDocument(String url, @Nullable String secret) {}
