package ojala.client.ci;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Map;
import java.util.Optional;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** Jobs by their environment, and the documents that list the variables. */
public class CiSystemsTest {
    private static final String HEAD = "0123456789abcdef0123456789abcdef01234567";

    private static CiJob job(Map<String, String> environment) {
        return CiSystems.job(environment).orElseThrow();
    }

    @DataProvider
    public Object[][] changes() {
        return new Object[][] {
            {
                Map.of(
                        "OJALA_BUILD",
                        "7",
                        "OJALA_HEAD",
                        HEAD,
                        "OJALA_BRANCH",
                        "feature/x",
                        "OJALA_PULL_REQUEST",
                        "12",
                        "OJALA_TARGET",
                        "main",
                        "OJALA_ATTEMPT",
                        "2",
                        "OJALA_PART",
                        "2/4"),
                "7",
                2,
                "2/4"
            },
            {
                Map.of(
                        "GITLAB_CI",
                        "true",
                        "CI_MERGE_REQUEST_SOURCE_BRANCH_SHA",
                        HEAD,
                        "CI_MERGE_REQUEST_SOURCE_BRANCH_NAME",
                        "feature/x",
                        "CI_MERGE_REQUEST_IID",
                        "12",
                        "CI_MERGE_REQUEST_TARGET_BRANCH_NAME",
                        "main",
                        "CI_PIPELINE_ID",
                        "7",
                        "CI_JOB_ID",
                        "2",
                        "CI_JOB_NAME",
                        "quay",
                        "CI_NODE_INDEX",
                        "2",
                        "CI_NODE_TOTAL",
                        "4"),
                "7",
                2,
                "2/4"
            },
            {
                Map.of(
                        "TF_BUILD",
                        "True",
                        "SYSTEM_PULLREQUEST_SOURCECOMMITID",
                        HEAD,
                        "SYSTEM_PULLREQUEST_SOURCEBRANCH",
                        "refs/heads/feature/x",
                        "SYSTEM_PULLREQUEST_PULLREQUESTID",
                        "12",
                        "SYSTEM_PULLREQUEST_TARGETBRANCH",
                        "refs/heads/main",
                        "BUILD_BUILDID",
                        "7",
                        "SYSTEM_JOBATTEMPT",
                        "2",
                        "SYSTEM_JOBDISPLAYNAME",
                        "2/4"),
                "7",
                2,
                "2/4"
            },
            {
                Map.of(
                        "BITBUCKET_BUILD_NUMBER",
                        "7",
                        "BITBUCKET_COMMIT",
                        HEAD,
                        "BITBUCKET_BRANCH",
                        "feature/x",
                        "BITBUCKET_PR_ID",
                        "12",
                        "BITBUCKET_PR_DESTINATION_BRANCH",
                        "main",
                        "BITBUCKET_STEP_RUN_NUMBER",
                        "2",
                        "BITBUCKET_PARALLEL_STEP",
                        "1",
                        "BITBUCKET_PARALLEL_STEP_COUNT",
                        "4"),
                "7",
                2,
                "2/4"
            },
            {
                Map.of(
                        "BUILDKITE",
                        "true",
                        "BUILDKITE_COMMIT",
                        HEAD,
                        "BUILDKITE_BRANCH",
                        "feature/x",
                        "BUILDKITE_PULL_REQUEST",
                        "12",
                        "BUILDKITE_PULL_REQUEST_BASE_BRANCH",
                        "main",
                        "BUILDKITE_BUILD_NUMBER",
                        "7",
                        "BUILDKITE_RETRY_COUNT",
                        "1",
                        "BUILDKITE_PARALLEL_JOB",
                        "1",
                        "BUILDKITE_PARALLEL_JOB_COUNT",
                        "4"),
                "7",
                2,
                "2/4"
            },
        };
    }

    @Test(dataProvider = "changes")
    public void aJobForAPullRequestIsKnown(Map<String, String> environment, String build, int attempt, String part) {
        CiJob job = job(environment);
        assertThat(job.head()).contains(HEAD);
        assertThat(job.branch()).contains("feature/x");
        assertThat(job.pullRequest()).contains(12);
        assertThat(job.target()).contains("main");
        assertThat(job.build()).contains(build);
        assertThat(job.attempt()).isEqualTo(attempt);
        assertThat(job.part()).contains(part);
    }

    @Test
    public void thePullRequestsHeadStandsInTheEventsFile() throws IOException {
        Path event = Files.createTempFile("event", ".json");
        Files.writeString(event, "{\"pull_request\":{\"number\":12,\"head\":{\"sha\":\"" + HEAD + "\"}}}");
        CiJob job = job(Map.of(
                "GITHUB_ACTIONS", "true",
                "GITHUB_EVENT_PATH", event.toString(),
                "GITHUB_HEAD_REF", "feature/x",
                "GITHUB_BASE_REF", "main",
                "GITHUB_RUN_ID", "900",
                "GITHUB_RUN_ATTEMPT", "3",
                "GITHUB_JOB", "unit"));
        assertThat(job.head()).contains(HEAD);
        assertThat(job.pullRequest()).contains(12);
        assertThat(job.attempt()).isEqualTo(3);
        Files.writeString(event, "not JSON");
        assertThat(job(Map.of("GITHUB_ACTIONS", "true", "GITHUB_EVENT_PATH", event.toString()))
                        .head())
                .isEmpty();
    }

    @Test
    public void aPushHasNoPullRequest() {
        CiJob push =
                job(Map.of("JENKINS_URL", "http://ci", "BRANCH_NAME", "main", "BUILD_NUMBER", "5", "CHANGE_ID", ""));
        assertThat(push.branch()).contains("main");
        assertThat(push.pullRequest()).isEmpty();
        CiJob circle = job(Map.of(
                "CIRCLECI",
                "true",
                "CIRCLE_PULL_REQUEST",
                "https://host.example/harbour/pull/41",
                "CIRCLE_BUILD_NUM",
                "5"));
        assertThat(circle.pullRequest()).contains(41);
        assertThat(job(Map.of("GITLAB_CI", "true", "CI_MERGE_REQUEST_SOURCE_BRANCH_SHA", "0".repeat(40)))
                        .head())
                .isEmpty();
    }

    @Test
    public void outsideCiThereIsNoJob() {
        assertThat(CiSystems.job(Map.of("HOME", "/root"))).isEqualTo(Optional.empty());
    }

    @Test
    public void theDocumentsListEverySystemAndItsVariables() throws IOException {
        String document = Files.readString(Path.of(System.getProperty("ojala.checkout"), "docs", "commands.md"));
        assertThat(CiSystems.ALL).allSatisfy(system -> {
            assertThat(document).contains("| " + system.name() + " |");
            for (String variable : system.variables().split(", ?")) {
                assertThat(document).contains("`" + variable + "`");
            }
        });
    }
}
