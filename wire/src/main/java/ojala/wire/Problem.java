package ojala.wire;

import org.jspecify.annotations.Nullable;

/** A problem document after RFC 9457. */
public record Problem(
        String type, String title, int status, @Nullable String detail) {}
