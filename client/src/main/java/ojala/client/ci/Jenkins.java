package ojala.client.ci;

import java.util.Optional;

/** Jenkins. */
final class Jenkins implements CiSystem {
    @Override
    public String name() {
        return "Jenkins";
    }

    @Override
    public String variables() {
        return "JENKINS_URL, CHANGE_ID, CHANGE_BRANCH, CHANGE_TARGET, BRANCH_NAME, BUILD_NUMBER, STAGE_NAME";
    }

    @Override
    public Optional<CiJob> job(Environment environment) {
        if (!environment.has("JENKINS_URL")) {
            return Optional.empty();
        }
        return Optional.of(new CiJob(
                name(),
                Optional.empty(),
                environment.first("CHANGE_BRANCH", "BRANCH_NAME"),
                environment.number("CHANGE_ID"),
                environment.get("CHANGE_TARGET"),
                environment.get("BUILD_NUMBER"),
                1,
                environment.get("STAGE_NAME")));
    }
}
