package ojala.acceptance;

import static org.assertj.core.api.Assertions.assertThat;
import static org.awaitility.Awaitility.await;

import java.time.Duration;
import ojala.wire.RuleDocument;
import ojala.wire.VerdictDocument;
import org.testng.annotations.Test;

/** Suites, parts, areas, exclusions and the base, through the service. */
public class SuitesTest {
    private static Harbour changed(String settings) {
        Harbour harbour = House.get().harbour().begin(settings);
        harbour.testAndSend();
        harbour.git("checkout", "-q", "-b", "feature/hazard");
        harbour.append("src/berths.js", Harbour.HAZARD);
        harbour.commit("Keep hazardous cargo outside");
        harbour.push("feature/hazard");
        harbour.openPullRequest("Berths for hazardous cargo", "feature/hazard", "main");
        harbour.test("missing.info");
        harbour.write("test/hazard.test.js", Harbour.HAZARD_TEST);
        harbour.test("whole.info");
        return harbour;
    }

    private static VerdictDocument now(Harbour harbour) {
        return harbour.client().verdict(harbour.folder(), "--target", "main").document();
    }

    private static VerdictDocument asItStands(Harbour harbour) {
        Ran ran = harbour.client().run(harbour.folder(), "verdict", "--json", "--wait", "0");
        return ojala.wire.Json.read(ran.out(), VerdictDocument.class);
    }

    @Test
    public void aSuiteThatIsNamedIsAwaitedAndItsPartsAddUp() {
        Harbour harbour = changed("suites:\n  unit: { parts: [quay, sea] }\n" + Harbour.GATE);
        harbour.send("--build", "1", "--part", "quay", "missing.info").ok();
        await().atMost(Duration.ofSeconds(30)).untilAsserted(() -> {
            VerdictDocument waiting = asItStands(harbour);
            assertThat(waiting.verdict()).isEqualTo("waiting");
            assertThat(waiting.awaited())
                    .singleElement()
                    .satisfies(one -> assertThat(one.missing()).contains("part sea"));
            assertThat(waiting.rules().get(0).outcome()).isEqualTo("not-judged");
        });
        assertThat(harbour.client()
                        .run(harbour.folder(), "verdict", "--wait", "0")
                        .exit())
                .isEqualTo(3);
        harbour.send("--build", "1", "--part", "sea", "whole.info").ok();
        assertThat(now(harbour).verdict()).isEqualTo("pass");
    }

    @Test
    public void numberedPartsTellHowManyThereAre() {
        Harbour harbour = changed(Harbour.GATE);
        harbour.send("--build", "1", "--part", "2/2", "whole.info").ok();
        await().atMost(Duration.ofSeconds(30))
                .untilAsserted(() -> assertThat(asItStands(harbour).verdict()).isEqualTo("waiting"));
        assertThat(asItStands(harbour).awaited().get(0).missing()).contains("1/2");
        harbour.send("--build", "1", "--part", "1/2", "missing.info").ok();
        assertThat(now(harbour).verdict()).isEqualTo("pass");
    }

    @Test
    public void aSuiteThatNeverCameIsADoubt() {
        Harbour harbour = changed("suites:\n  system: { for: 5s }\n" + Harbour.GATE);
        harbour.send("missing.info").ok();
        await().atMost(Duration.ofSeconds(60)).untilAsserted(() -> {
            VerdictDocument undecided = asItStands(harbour);
            assertThat(undecided.verdict()).isEqualTo("undecided");
            assertThat(undecided.doubts()).extracting("kind").containsExactly("suite-missing");
        });
    }

    @Test
    public void anIgnoredSuiteIsNotMissed() {
        Harbour harbour = changed("suites:\n  manual: { when-absent: ignore }\n" + Harbour.GATE);
        harbour.send("missing.info").ok();
        assertThat(now(harbour).verdict()).isEqualTo("fail");
        Ran manual = harbour.client().run(harbour.folder(), "send", "--suite", "manual", "whole.info");
        assertThat(manual.exit()).isZero();
        VerdictDocument both = now(harbour);
        assertThat(both.verdict()).isEqualTo("pass");
        assertThat(both.suites()).extracting("suite").containsExactly("manual", "unit");
        assertThat(both.suites().get(0).alone())
                .as("lines that only the manual suite reaches")
                .isEqualTo(5);
    }

    @Test
    public void theWholeAnAreaAndTheFallAreJudged() {
        Harbour harbour = changed("""
                version: 1
                areas:
                  quay: { paths: ["src/**"] }
                gate:
                  whole:
                    - lines fall by at most 0.2 points
                    - lines at least 60 %
                  area quay:
                    - missed lines at most 2
                """);
        harbour.send("missing.info").ok();
        VerdictDocument verdict = now(harbour);
        assertThat(verdict.verdict()).isEqualTo("fail");
        assertThat(verdict.compared().commit()).isEqualTo(harbour.git("rev-parse", "main"));
        assertThat(verdict.rules()).extracting(RuleDocument::outcome).containsExactly("fail", "pass", "fail");
        RuleDocument fall = verdict.rules().get(0);
        assertThat(fall.found().points()).isEqualByComparingTo("31.25");
        assertThat(fall.found().before().total()).isEqualTo(9);
        assertThat(verdict.whole().get("lines").total())
                .as("tests are left out")
                .isEqualTo(16);
        assertThat(verdict.rules().get(2).shortfall().count()).isEqualTo(3);
    }

    @Test
    public void excludedFilesAreListedAndCountNowhere() {
        Harbour harbour = changed(
                Harbour.GATE + "sources:\n  exclude:\n    - { paths: [\"src/**\"], because: being rewritten }\n");
        harbour.send("missing.info").ok();
        VerdictDocument verdict = now(harbour);
        assertThat(verdict.verdict()).isEqualTo("pass");
        assertThat(verdict.change().sources())
                .filteredOn(source -> source.path().equals("src/berths.js"))
                .singleElement()
                .satisfies(source -> {
                    assertThat(source.standing()).isEqualTo("excluded");
                    assertThat(source.because()).isEqualTo("being rewritten");
                });
    }

    @Test
    public void aRenameHasNothingToMeasure() {
        Harbour harbour = House.get().harbour().begin(Harbour.GATE);
        harbour.testAndSend();
        harbour.git("checkout", "-q", "-b", "feature/move");
        harbour.git("mv", "src/berths.js", "src/quays.js");
        harbour.write(
                "test/berths.test.js",
                harbour.git("show", "main:test/berths.test.js").replace("berths.js", "quays.js"));
        harbour.commit("Call them quays");
        harbour.push("feature/move");
        harbour.openPullRequest("Call them quays", "feature/move", "main");
        harbour.testAndSend();
        VerdictDocument verdict = now(harbour);
        assertThat(verdict.verdict()).isEqualTo("pass");
        assertThat(verdict.headline()).contains("nothing in the change to measure");
        assertThat(verdict.change().sources())
                .filteredOn(source -> source.path().equals("src/quays.js"))
                .singleElement()
                .satisfies(source -> assertThat(source.oldPath()).isEqualTo("src/berths.js"));
    }

    @Test
    public void withoutAGateEverythingMayBeMerged() {
        Harbour harbour = changed("");
        harbour.send("missing.info").ok();
        VerdictDocument verdict = now(harbour);
        assertThat(verdict.verdict()).isEqualTo("pass");
        assertThat(verdict.headline()).contains("no gate yet");
        assertThat(verdict.change().sources().get(0).missed()).isEqualTo("12-16");
    }
}
