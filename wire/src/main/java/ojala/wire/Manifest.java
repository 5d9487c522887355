package ojala.wire;

import org.jspecify.annotations.Nullable;

/**
 * What a CI job says of its delivery.
 *
 * @param measured the commit that the tests ran on
 * @param head the commit that is judged
 * @param build the CI build; numbers are compared as numbers
 * @param attempt of the build, from 1
 * @param part one slice of the suite: {@code 2/4}, or a name
 * @param format the name of the format that all files have, where the sender overrides recognition
 */
public record Manifest(
        MeasuredCommit measured,
        String head,
        @Nullable String branch,
        @Nullable Integer pullRequest,
        @Nullable String target,
        String build,
        int attempt,
        String suite,
        String part,
        @Nullable String client,
        @Nullable String format) {}
