package ojala.client.ci;

import java.util.Optional;

/** Bitbucket Pipelines. */
final class BitbucketPipelines implements CiSystem {
    @Override
    public String name() {
        return "Bitbucket Pipelines";
    }

    @Override
    public String variables() {
        return "BITBUCKET_BUILD_NUMBER, BITBUCKET_COMMIT, BITBUCKET_BRANCH, BITBUCKET_PR_ID, BITBUCKET_PR_DESTINATION_BRANCH, BITBUCKET_STEP_RUN_NUMBER, BITBUCKET_PARALLEL_STEP, BITBUCKET_PARALLEL_STEP_COUNT";
    }

    @Override
    public Optional<CiJob> job(Environment environment) {
        if (!environment.has("BITBUCKET_BUILD_NUMBER")) {
            return Optional.empty();
        }
        return Optional.of(new CiJob(
                name(),
                environment.commit("BITBUCKET_COMMIT"),
                environment.get("BITBUCKET_BRANCH"),
                environment.number("BITBUCKET_PR_ID"),
                environment.get("BITBUCKET_PR_DESTINATION_BRANCH"),
                environment.get("BITBUCKET_BUILD_NUMBER"),
                environment.number("BITBUCKET_STEP_RUN_NUMBER").orElse(1),
                Environment.part(
                        Optional.empty(),
                        environment.number("BITBUCKET_PARALLEL_STEP").map(step -> step + 1),
                        environment.number("BITBUCKET_PARALLEL_STEP_COUNT"))));
    }
}
