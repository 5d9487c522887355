package ojala.wire;

import org.jspecify.annotations.Nullable;

/**
 * What a code host tells the service: a push, or a pull request that was opened, updated, merged or closed.
 *
 * @param type {@code push} or {@code pull-request}
 * @param branch of a push
 * @param state of a pull request: {@code open}, {@code merged} or {@code closed}
 */
public record HostEvent(
        String type,
        @Nullable String branch,
        String head,
        @Nullable Integer number,
        @Nullable String title,
        @Nullable String source,
        @Nullable String target,
        @Nullable String state) {}
