package ojala.acceptance;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import ojala.wire.Json;
import ojala.wire.RuleDocument;
import ojala.wire.VerdictDocument;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

/** What the command line tells without the service: the same as the service, as far as it can be known. */
public class CheckTest {
    private static final String RICH = Harbour.GATE + """
                - branches at least 70 %, else warn
              each changed file:
                - missed lines at most 1, else warn
              whole:
                - lines fall by at most 0.2 points
                - unmeasured files at most 0
              area quay:
                - lines at least 99 %
            areas:
              quay: { paths: ["src/**"] }
            """;

    @Test
    public void theCheckAndTheServiceSayTheSame() {
        Harbour harbour = House.get().harbour().begin(RICH);
        harbour.testAndSend();
        harbour.test("base.info");
        harbour.git("checkout", "-q", "-b", "feature/hazard");
        harbour.append("src/berths.js", Harbour.HAZARD);
        harbour.commit("Keep hazardous cargo outside");
        harbour.push("feature/hazard");
        harbour.openPullRequest("Berths", "feature/hazard", "main");
        harbour.testAndSend("lcov.info");
        VerdictDocument service = harbour.verdict().document();
        Ran ran = harbour.client()
                .run(
                        harbour.folder(),
                        "check",
                        "--base",
                        "main",
                        "--head",
                        "HEAD",
                        "--base-report",
                        "base.info",
                        "lcov.info",
                        "--json");
        VerdictDocument check = Json.read(ran.out(), VerdictDocument.class);
        assertThat(ran.exit()).isEqualTo(1);
        assertThat(check.verdict()).isEqualTo(service.verdict()).isEqualTo("fail");
        assertThat(check.rules()).isEqualTo(service.rules());
        assertThat(check.rules()).extracting(RuleDocument::outcome).contains("fail", "warn", "pass");
        assertThat(check.change()).isEqualTo(service.change());
        assertThat(check.whole()).isEqualTo(service.whole());
        assertThat(check.headline()).isEqualTo(service.headline());
    }

    @Test
    public void theWorkingTreeIsJudgedBeforeItIsCommitted() {
        Harbour harbour = House.get().harbour().begin(RICH);
        harbour.append("src/berths.js", Harbour.HAZARD);
        harbour.write("src/pilots.js", "export const pilots = 2\n");
        harbour.test("lcov.info");
        Ran ran = harbour.client().run(harbour.folder(), "check", "--base", "main");
        assertThat(ran.exit()).isEqualTo(1);
        assertThat(ran.out()).contains("12-16", "src/pilots.js", "no report mentions it", "give it with --base-report");
        harbour.git("checkout", "-q", "--", "src/berths.js");
        harbour.git("clean", "-fdq");
        harbour.test("lcov.info");
        Ran clean = harbour.client().run(harbour.folder(), "check", "--base", "main");
        assertThat(clean.exit())
                .as("the fall can't be judged without the base's report")
                .isEqualTo(3);
        assertThat(clean.out()).contains("not-judged");
    }

    @Test
    public void otherSuitesAreNotJudged() {
        Harbour harbour = House.get().harbour().begin("suites:\n  unit: {}\n  system: {}\n" + Harbour.GATE);
        harbour.append("src/berths.js", Harbour.HAZARD);
        harbour.test("lcov.info");
        Ran ran = harbour.client().run(harbour.folder(), "check", "--base", "main", "--suite", "unit");
        assertThat(ran.exit()).isEqualTo(3);
        assertThat(ran.out()).contains("suite system is not among these reports");
    }

    @Test
    public void inspectShowsTheMergedView() {
        Harbour harbour = House.get().harbour().begin("");
        Path samples = Server.CHECKOUT.resolve("core/src/test/resources/samples/lcov");
        harbour.test("lcov.info");
        Ran ran = harbour.client()
                .run(
                        harbour.folder(),
                        "inspect",
                        "--repository",
                        harbour.remote().isEmpty() ? "" : ".",
                        "--json",
                        "lcov.info",
                        samples.resolve("odd.info").toString());
        JsonNode document = Json.mapper().readTree(ran.out());
        assertThat(ran.exit()).isZero();
        assertThat(document.path("schema").asInt()).isEqualTo(2);
        assertThat(document.path("reports").get(0).path("format").asString()).isEqualTo("lcov");
        JsonNode berths = document.path("sources").get(0);
        assertThat(berths.path("path").asString()).isEqualTo("src/berths.js");
        assertThat(berths.path("reportedAs").path("src/berths.js").asString()).isEqualTo("as reported");
        assertThat(berths.path("lines").path("coveredLines").asString()).isEqualTo("1-9");
        assertThat(document.path("unmatched").get(0).path("reportedAs").asString())
                .endsWith("tides/harmonics.c");
        Ran table = harbour.client().run(harbour.folder(), "inspect", "lcov.info");
        assertThat(table.out()).contains("src/berths.js", "together");
        String gcov = Server.CHECKOUT
                .resolve("core/src/test/resources/samples/gcov/conditions.json")
                .toString();
        Ran all = harbour.client().run(harbour.folder(), "inspect", "--sides", "--functions", gcov);
        assertThat(all.out())
                .contains("mcdc", "calls", "line 5: 2 of 2 sides; conditions not shown: true 1-2, false 1")
                .containsPattern("alarm\\(int\\) +ci/harbour/gauge/level.c:4 +3/4");
        assertThat(all.out().lines())
                .allSatisfy(line -> assertThat(line.length()).isLessThanOrEqualTo(100));
        Ran tests = harbour.client()
                .run(
                        harbour.folder(),
                        "inspect",
                        "--tests",
                        Server.CHECKOUT
                                .resolve("core/src/test/resources/samples/coveragepy/contexts.json")
                                .toString());
        assertThat(tests.out()).contains("tests.test_datum.test_low: 3-4");
    }

    @Test
    public void aReportThatCantBeReadEndsWithTwoAndTheRestIsPrinted() {
        Harbour harbour = House.get().harbour().begin("");
        harbour.test("lcov.info");
        harbour.write("cut.info", "SF:a.js\nDA:1");
        Ran ran = harbour.client().run(harbour.folder(), "inspect", "cut.info", "lcov.info");
        assertThat(ran.exit()).isEqualTo(2);
        assertThat(ran.out()).contains("line 2", "src/berths.js");
    }

    @Test
    public void theCiJobsEnvironmentTellsTheRest() {
        Harbour harbour = House.get().harbour().begin(Harbour.GATE);
        String head = harbour.git("rev-parse", "HEAD");
        harbour.test("lcov.info");
        Map<String, String> gitlab = Map.of(
                "GITLAB_CI", "true",
                "CI_MERGE_REQUEST_SOURCE_BRANCH_SHA", head,
                "CI_MERGE_REQUEST_SOURCE_BRANCH_NAME", "feature/x",
                "CI_MERGE_REQUEST_IID", "12",
                "CI_MERGE_REQUEST_TARGET_BRANCH_NAME", "main",
                "CI_PIPELINE_ID", "900",
                "CI_JOB_NAME", "berthing 2/4",
                "CI_JOB_ID", "7001");
        Client client = harbour.client();
        for (Map.Entry<String, String> variable : gitlab.entrySet()) {
            client = client.with(variable.getKey(), variable.getValue());
        }
        String sent = client.run(harbour.folder(), "send", "--suite", "unit", "--json")
                .ok();
        JsonNode receipt = Json.mapper().readTree(sent);
        assertThat(List.of(
                        receipt.path("build").asString(),
                        receipt.path("part").asString(),
                        receipt.path("attempt").asString(),
                        receipt.path("head").asString()))
                .containsExactly("900", "berthing 2/4", "7001", head);
    }
}
