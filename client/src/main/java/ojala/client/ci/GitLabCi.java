package ojala.client.ci;

import java.util.Optional;

/** GitLab CI. */
final class GitLabCi implements CiSystem {
    @Override
    public String name() {
        return "GitLab CI";
    }

    @Override
    public String variables() {
        return "GITLAB_CI, CI_MERGE_REQUEST_*, CI_COMMIT_BRANCH, CI_PIPELINE_ID, CI_JOB_NAME, CI_JOB_ID, CI_NODE_INDEX, CI_NODE_TOTAL";
    }

    @Override
    public Optional<CiJob> job(Environment environment) {
        if (!environment.has("GITLAB_CI")) {
            return Optional.empty();
        }
        return Optional.of(new CiJob(
                name(),
                environment.commit("CI_MERGE_REQUEST_SOURCE_BRANCH_SHA"),
                environment.first("CI_MERGE_REQUEST_SOURCE_BRANCH_NAME", "CI_COMMIT_BRANCH"),
                environment.number("CI_MERGE_REQUEST_IID"),
                environment.get("CI_MERGE_REQUEST_TARGET_BRANCH_NAME"),
                // a retried job keeps its pipeline and gets a higher id
                environment.get("CI_PIPELINE_ID"),
                environment.number("CI_JOB_ID").filter(id -> id > 0).orElse(1),
                Environment.part(
                        environment.get("CI_JOB_NAME"),
                        environment.number("CI_NODE_INDEX"),
                        environment.number("CI_NODE_TOTAL"))));
    }
}
