package ojala.acceptance;

import static org.assertj.core.api.Assertions.assertThat;
import static org.awaitility.Awaitility.await;

import java.time.Duration;
import java.util.List;
import ojala.wire.RuleDocument;
import org.testng.annotations.Test;

/** The way of a change, from the first report to the merge, with nothing simulated but the code host. */
public class StoryTest {
    private static Harbour harbour(String settings) {
        return House.get().harbour().begin(settings);
    }

    private static Harbour withHazard(String settings) {
        Harbour harbour = harbour(settings);
        harbour.testAndSend();
        harbour.git("checkout", "-q", "-b", "feature/hazard");
        harbour.append("src/berths.js", Harbour.HAZARD);
        harbour.commit("Keep hazardous cargo outside");
        harbour.push("feature/hazard");
        return harbour;
    }

    private static void published(Harbour harbour, String head, String verdict) {
        await().atMost(Duration.ofSeconds(20))
                .untilAsserted(() -> assertThat(harbour.published(head)).isEqualTo(verdict));
    }

    @Test
    public void aFunctionWithoutATestStopsTheMergeAndItsTestLetsItThrough() {
        Harbour harbour = withHazard(Harbour.GATE);
        int number = harbour.openPullRequest("Berths for hazardous cargo", "feature/hazard", "main");
        Ran sent = harbour.testAndSend();
        assertThat(sent.exit()).isZero();
        assertThat(sent.out()).contains("lcov.info", "lcov", "Delivered and read");

        Client.Judged stopped = harbour.verdict();
        assertThat(stopped.exit()).isEqualTo(1);
        assertThat(stopped.document().verdict()).isEqualTo("fail");
        RuleDocument rule = stopped.document().rules().get(0);
        assertThat(rule.scope()).isEqualTo("change");
        assertThat(rule.sentence()).isEqualTo("lines at least 80 %");
        assertThat(rule.line()).isEqualTo(4);
        assertThat(rule.found().covered()).isEqualTo(2);
        assertThat(rule.found().total()).isEqualTo(7);
        assertThat(rule.shortfall().count()).isEqualTo(4);
        assertThat(rule.shortfall().unit()).isEqualTo("lines");
        assertThat(stopped.document().change().sources())
                .filteredOn(source -> source.path().equals("src/berths.js"))
                .singleElement()
                .satisfies(source -> {
                    assertThat(source.missed()).isEqualTo("12-16");
                    assertThat(source.changed()).isEqualTo("10-16");
                });
        Ran table = harbour.client().run(harbour.folder(), "verdict");
        assertThat(table.out()).contains("✖", "4 lines", "12-16", "May not be merged");
        assertThat(table.out().lines()).allMatch(line -> line.length() <= 100);

        published(harbour, harbour.git("rev-parse", "HEAD"), "fail");
        assertThat(harbour.merge(number, "merge").statusCode()).isEqualTo(409);
        assertThat(harbour.merge(number, "merge").body()).contains("4 lines short");

        harbour.write("test/hazard.test.js", Harbour.HAZARD_TEST);
        String head = harbour.commit("Test where hazardous cargo goes");
        harbour.push("feature/hazard");
        harbour.testAndSend();
        Client.Judged passed = harbour.verdict();
        assertThat(passed.exit()).isZero();
        assertThat(passed.document().verdict()).isEqualTo("pass");
        published(harbour, head, "pass");
        assertThat(harbour.merge(number, "merge").statusCode()).isEqualTo(200);
        harbour.git("fetch", "-q", "origin");
        assertThat(harbour.git("show", "origin/main:src/berths.js")).contains("hazardBerth");
    }

    @Test
    public void aBoundLoweredInTheBranchChangesNothing() {
        Harbour harbour = withHazard(Harbour.GATE);
        harbour.write("ojala.yaml", Harbour.GATE.replace("80", "1"));
        harbour.commit("Ask for less");
        harbour.push("feature/hazard");
        harbour.openPullRequest("Ask for less", "feature/hazard", "main");
        harbour.testAndSend();
        Client.Judged judged = harbour.verdict();
        assertThat(judged.exit()).isEqualTo(1);
        assertThat(judged.document().rules().get(0).sentence()).isEqualTo("lines at least 80 %");
        assertThat(judged.document().settings().commit()).isEqualTo(harbour.git("rev-parse", "main"));
    }

    @Test
    public void aNewFileThatNoTestLoadsFailsAsUnmeasured() {
        Harbour harbour = harbour(Harbour.GATE);
        harbour.testAndSend();
        harbour.git("checkout", "-q", "-b", "feature/pilots");
        harbour.write("src/pilots.js", "export function pilotFor(ship) {\n  return ship.length > 200 ? 2 : 1\n}\n");
        harbour.commit("Assign pilots");
        harbour.push("feature/pilots");
        harbour.openPullRequest("Pilots", "feature/pilots", "main");
        harbour.testAndSend();
        Client.Judged judged = harbour.verdict();
        assertThat(judged.exit()).isEqualTo(1);
        assertThat(judged.document().rules())
                .filteredOn(rule -> rule.sentence().startsWith("unmeasured"))
                .singleElement()
                .satisfies(rule -> {
                    assertThat(rule.outcome()).isEqualTo("fail");
                    assertThat(rule.remark()).contains("src/pilots.js");
                });
    }

    @Test
    public void aSyntheticMergeIsJudgedOnTheHead() {
        Harbour harbour = withHazard(Harbour.GATE);
        String head = harbour.git("rev-parse", "HEAD");
        harbour.git("checkout", "-q", "main");
        harbour.write(
                "src/berths.js",
                "// Berths of Puerto Candela.\n//\n" + harbour.git("show", "main:src/berths.js") + "\n");
        harbour.commit("Say whose berths they are");
        harbour.push("main");
        int number = harbour.openPullRequest("Berths for hazardous cargo", "feature/hazard", "main");
        harbour.git("checkout", "-q", "--detach", "main");
        harbour.git("merge", "-q", "--no-ff", "-m", "Merge for the tests", head);
        Ran sent = harbour.testAndSend("--pull-request", String.valueOf(number), "--target", "main");
        assertThat(sent.out()).contains("for " + head.substring(0, 8));
        Client.Judged judged = harbour.verdict(head);
        assertThat(judged.exit()).isEqualTo(1);
        assertThat(judged.document().head()).isEqualTo(head);
        assertThat(judged.document().doubts()).isEmpty();
        assertThat(judged.document().rules().get(0).found().covered()).isEqualTo(2);
        assertThat(judged.document().change().sources().get(0).missed()).isEqualTo("12-16");
    }

    @Test
    public void aRetriedJobWithAnotherFileNameCountsOnce() {
        Harbour harbour = withHazard(Harbour.GATE);
        harbour.openPullRequest("Berths for hazardous cargo", "feature/hazard", "main");
        harbour.test("first.info");
        harbour.send("--build", "7", "--attempt", "1", "first.info").ok();
        harbour.test("second.info");
        harbour.send("--build", "7", "--attempt", "2", "second.info").ok();
        Client.Judged judged = harbour.verdict();
        assertThat(judged.document().rules().get(0).found().total()).isEqualTo(7);
        String head = harbour.git("rev-parse", "HEAD");
        var lines = harbour.house()
                .read("/projects/" + harbour.key() + "/commits/" + head + "/source?path=src/berths.js")
                .path("lines");
        assertThat(lines.get(4).path("hits").asInt())
                .as("hits of line 5, counted once")
                .isEqualTo(1);

        harbour.send("--build", "6", "--attempt", "3", "first.info").ok();
        assertThat(harbour.verdict().document().number())
                .as("an older build changes nothing")
                .isEqualTo(judged.document().number());
    }

    @Test
    public void aJobThatFindsNoReportSaysSo() {
        Harbour harbour = withHazard(Harbour.GATE);
        harbour.git("clean", "-fdXq");
        harbour.openPullRequest("Berths for hazardous cargo", "feature/hazard", "main");
        Ran sent = harbour.send();
        assertThat(sent.exit()).isEqualTo(2);
        assertThat(sent.out()).contains("the job ran and found no report");
        Client.Judged judged = harbour.verdict();
        assertThat(judged.exit()).isEqualTo(3);
        assertThat(judged.document().verdict()).isEqualTo("undecided");
        assertThat(judged.document().doubts()).extracting("kind").contains("no-report");
        assertThat(harbour.merge(1, "merge").statusCode()).isEqualTo(409);
    }

    @Test
    public void twoDeliveriesThatRaceEndInTheVerdictForBoth() throws InterruptedException {
        Harbour harbour = withHazard(Harbour.GATE);
        int number = harbour.openPullRequest("Berths for hazardous cargo", "feature/hazard", "main");
        harbour.test("old.info");
        harbour.write("test/hazard.test.js", Harbour.HAZARD_TEST);
        harbour.test("new.info");
        List<Thread> senders = List.of(
                new Thread(() -> harbour.send("--build", "1", "--part", "old", "old.info")
                        .ok()),
                new Thread(() -> harbour.send("--build", "1", "--part", "new", "new.info")
                        .ok()));
        senders.forEach(Thread::start);
        for (Thread sender : senders) {
            sender.join();
        }
        String head = harbour.git("rev-parse", "HEAD");
        Client.Judged judged = harbour.verdict();
        assertThat(judged.document().verdict()).isEqualTo("pass");
        assertThat(judged.document().suites())
                .singleElement()
                .satisfies(suite -> assertThat(suite.parts()).containsExactly("new", "old"));
        published(harbour, head, "pass");
        assertThat(harbour.merge(number, "squash").statusCode()).isEqualTo(200);
    }

    @Test
    public void manyReportsOfOneJobAddUp() {
        Harbour harbour = withHazard(Harbour.GATE);
        harbour.openPullRequest("Berths for hazardous cargo", "feature/hazard", "main");
        for (int line = 10; line <= 16; line++) {
            harbour.write(
                    "reports/a-long-name-that-says-which-of-the-many-small-runs-of-the-harbour-this-was-" + line
                            + ".info",
                    "TN:run " + line + "\nSF:src/berths.js\nDA:" + line + ",1\nend_of_record\n");
        }
        for (int more = 0; more < 80; more++) {
            harbour.write("reports/more-" + more + ".info", "TN:\nSF:src/berths.js\nDA:1,1\nend_of_record\n");
        }
        assertThat(harbour.send("reports").exit()).isZero();
        Client.Judged judged = harbour.verdict();
        assertThat(judged.document().rules().get(0).found().covered()).isEqualTo(7);
        assertThat(judged.document().verdict()).isEqualTo("pass");
    }
}
