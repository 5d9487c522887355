package ojala.wire;

import org.jspecify.annotations.Nullable;

/** What the head was compared with. */
public record ComparedDocument(@Nullable String commit, String how) {}
