package ojala.client.ci;

import java.util.Optional;

/** CircleCI. */
final class CircleCi implements CiSystem {
    @Override
    public String name() {
        return "CircleCI";
    }

    @Override
    public String variables() {
        return "CIRCLECI, CIRCLE_SHA1, CIRCLE_BRANCH, CIRCLE_PULL_REQUEST, CIRCLE_BUILD_NUM, CIRCLE_JOB, CIRCLE_NODE_INDEX, CIRCLE_NODE_TOTAL";
    }

    @Override
    public Optional<CiJob> job(Environment environment) {
        if (!environment.has("CIRCLECI")) {
            return Optional.empty();
        }
        return Optional.of(new CiJob(
                name(),
                environment.commit("CIRCLE_SHA1"),
                environment.get("CIRCLE_BRANCH"),
                environment
                        .get("CIRCLE_PULL_REQUEST")
                        .map(address -> address.substring(address.lastIndexOf('/') + 1))
                        .filter(number -> number.matches("\\d{1,9}"))
                        .map(Integer::valueOf),
                Optional.empty(),
                // a job that runs again gets a higher number
                environment.get("CIRCLE_BUILD_NUM"),
                1,
                Environment.part(
                        environment.get("CIRCLE_JOB"),
                        environment.number("CIRCLE_NODE_INDEX").map(node -> node + 1),
                        environment.number("CIRCLE_NODE_TOTAL"))));
    }
}
