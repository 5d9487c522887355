package ojala.wire;

import java.time.Instant;
import org.jspecify.annotations.Nullable;

/** A suite that is still to come. */
public record AwaitedDocument(
        String suite, String missing, @Nullable Instant until) {}
