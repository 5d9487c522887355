package ojala.client.ci;

import java.util.Optional;

/** Buildkite. */
final class Buildkite implements CiSystem {
    @Override
    public String name() {
        return "Buildkite";
    }

    @Override
    public String variables() {
        return "BUILDKITE, BUILDKITE_COMMIT, BUILDKITE_BRANCH, BUILDKITE_PULL_REQUEST, BUILDKITE_PULL_REQUEST_BASE_BRANCH, BUILDKITE_BUILD_NUMBER, BUILDKITE_RETRY_COUNT, BUILDKITE_LABEL, BUILDKITE_PARALLEL_JOB, BUILDKITE_PARALLEL_JOB_COUNT";
    }

    @Override
    public Optional<CiJob> job(Environment environment) {
        if (!environment.has("BUILDKITE")) {
            return Optional.empty();
        }
        return Optional.of(new CiJob(
                name(),
                environment.commit("BUILDKITE_COMMIT"),
                environment.get("BUILDKITE_BRANCH"),
                environment.number("BUILDKITE_PULL_REQUEST"),
                environment.get("BUILDKITE_PULL_REQUEST_BASE_BRANCH"),
                environment.get("BUILDKITE_BUILD_NUMBER"),
                environment.number("BUILDKITE_RETRY_COUNT").orElse(0) + 1,
                Environment.part(
                        environment.get("BUILDKITE_LABEL"),
                        environment.number("BUILDKITE_PARALLEL_JOB").map(job -> job + 1),
                        environment.number("BUILDKITE_PARALLEL_JOB_COUNT"))));
    }
}
