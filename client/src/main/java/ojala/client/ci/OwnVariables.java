package ojala.client.ci;

import java.util.Optional;

/** Any other system, through Ojala's own variables. */
final class OwnVariables implements CiSystem {
    @Override
    public String name() {
        return "Any other system, through Ojala's own variables";
    }

    @Override
    public String variables() {
        return "OJALA_BUILD, OJALA_ATTEMPT, OJALA_HEAD, OJALA_BRANCH, OJALA_PULL_REQUEST, OJALA_TARGET, OJALA_PART";
    }

    @Override
    public Optional<CiJob> job(Environment environment) {
        if (!environment.has("OJALA_BUILD")) {
            return Optional.empty();
        }
        return Optional.of(new CiJob(
                name(),
                environment.commit("OJALA_HEAD"),
                environment.get("OJALA_BRANCH"),
                environment.number("OJALA_PULL_REQUEST"),
                environment.get("OJALA_TARGET"),
                environment.get("OJALA_BUILD"),
                environment.number("OJALA_ATTEMPT").orElse(1),
                environment.get("OJALA_PART")));
    }
}
