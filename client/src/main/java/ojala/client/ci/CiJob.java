package ojala.client.ci;

import java.util.Optional;

/**
 * What a CI system says of the job that runs.
 *
 * @param head the commit that is judged, where the system names it beside the one it checked out
 * @param part the job's name, and its place among parallel ones
 */
public record CiJob(
        String system,
        Optional<String> head,
        Optional<String> branch,
        Optional<Integer> pullRequest,
        Optional<String> target,
        Optional<String> build,
        int attempt,
        Optional<String> part) {}
