package ojala.core.judge;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.IntStream;
import ojala.core.change.Edit;
import ojala.core.change.FileChange;
import ojala.core.doubt.Doubt;
import ojala.core.fault.Fault;
import ojala.core.fault.Place;
import ojala.core.gate.claim.Finding;
import ojala.core.model.Counts;
import ojala.core.model.Lines;
import ojala.core.model.SourceCoverage;
import ojala.core.settings.Settings;
import ojala.core.settings.SettingsReader;
import ojala.core.settings.SettingsReading;
import ojala.core.view.ChangeView;
import ojala.core.view.View;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** How rules are judged. */
public class JudgeTest {
    private static final String FILE = "src/berths.js";

    /** A source of which the first lines are covered and the rest missed. */
    private static SourceCoverage coverage(int covered, int total) {
        byte[] states = new byte[total];
        java.util.Arrays.fill(states, 0, covered, (byte) 2);
        return new SourceCoverage(
                new Lines(IntStream.rangeClosed(1, total).toArray(), states),
                new java.util.TreeMap<>(),
                List.of(),
                List.of());
    }

    private static final class Situation {
        private String gate = "";
        private SourceCoverage head = coverage(0, 0);
        private Optional<SourceCoverage> base = Optional.empty();
        private boolean baseKnown = true;
        private List<FileChange> change = List.of();
        private final List<Doubt> doubts = new ArrayList<>();
        private final List<Awaited> awaited = new ArrayList<>();
        private final List<Fault> headFaults = new ArrayList<>();
        private final List<String> files = new ArrayList<>(List.of(FILE));

        Situation gate(String scope, String sentence) {
            gate += "  " + scope + ":\n    - " + sentence + "\n";
            return this;
        }

        Situation head(int covered, int total) {
            head = coverage(covered, total);
            change = List.of(new FileChange(FILE, Optional.of(FILE), List.of(new Edit(1, 0, 1, total))));
            return this;
        }

        Situation base(int covered, int total) {
            base = Optional.of(coverage(covered, total));
            return this;
        }

        Situation newFile(String path) {
            files.add(path);
            change = new ArrayList<>(change);
            change.add(new FileChange(path, Optional.empty(), List.of(new Edit(1, 0, 1, 3))));
            return this;
        }

        Situation doubt(Doubt.Effect effect) {
            doubts.add(new Doubt("made-up", effect, "something is odd", "look"));
            return this;
        }

        Judgement judge() {
            SettingsReading reading = SettingsReader.read(
                    "version: 1\nareas:\n  quay: { paths: [\"src/**\"] }\n" + (gate.isEmpty() ? "" : "gate:\n" + gate));
            Settings settings = ((SettingsReading.Valid) reading).settings();
            View view = view(settings, Map.of(FILE, head.counts()));
            return Judge.judge(new Case(
                    settings,
                    view,
                    ChangeView.of(change, view, path -> path.equals(FILE) ? Optional.of(head) : Optional.empty()),
                    base.map(found -> view(settings, Map.of(FILE, found.counts()))),
                    baseKnown,
                    doubts,
                    awaited,
                    headFaults));
        }

        private View view(Settings settings, Map<String, Counts> counts) {
            return View.of(settings, List.of(), files, counts, Set.of("js"), LocalDate.of(2026, 11, 23));
        }
    }

    private static Situation situation() {
        return new Situation();
    }

    @Test
    public void comparisonsAreExact() {
        assertThat(situation()
                        .gate("change", "lines at least 80 %")
                        .head(79_999, 100_000)
                        .judge()
                        .outcome())
                .isEqualTo(Outcome.FAIL);
        assertThat(situation()
                        .gate("change", "lines at least 80 %")
                        .head(8, 10)
                        .judge()
                        .outcome())
                .isEqualTo(Outcome.PASS);
        assertThat(situation()
                        .gate("change", "lines at least 33.34 %")
                        .head(1, 3)
                        .judge()
                        .outcome())
                .isEqualTo(Outcome.FAIL);
    }

    @DataProvider
    public Object[][] shortfalls() {
        return new Object[][] {
            {"change", "lines at least 80 %", 35, 49, "5 lines"},
            {"change", "lines at least 100 %", 9, 10, "1 line"},
            {"change", "missed lines at most 3", 35, 49, "11 lines"},
            {"whole", "lines at least 99.9 %", 0, 1, "1 line"},
            {"area quay", "lines at least 90 %", 10, 20, "8 lines"},
        };
    }

    @Test(dataProvider = "shortfalls")
    public void aBreachSaysHowMuchIsMissing(String scope, String sentence, int covered, int total, String expected) {
        Judgement judgement =
                situation().gate(scope, sentence).head(covered, total).judge();
        assertThat(judgement.outcome()).isEqualTo(Outcome.FAIL);
        assertThat(judgement.rules()).singleElement().satisfies(rule -> {
            assertThat(rule.scope()).isEqualTo(scope);
            assertThat(rule.shortfall().orElseThrow()).hasToString(expected);
        });
    }

    @Test
    public void nothingToMeasurePasses() {
        Judgement judgement =
                situation().gate("change", "lines at least 80 %").head(0, 0).judge();
        assertThat(judgement.outcome()).isEqualTo(Outcome.PASS);
        assertThat(judgement.rules().get(0).remark()).isEqualTo("nothing to measure");
    }

    @Test
    public void anUnmeasuredChangedFileFailsUnlessASentenceAllowsIt() {
        Judgement implied = situation()
                .gate("change", "lines at least 80 %")
                .head(9, 10)
                .newFile("src/pilots.js")
                .judge();
        assertThat(implied.outcome()).isEqualTo(Outcome.FAIL);
        assertThat(implied.rules().get(0).remark()).contains("src/pilots.js");
        assertThat(implied.rules().get(0).line()).isZero();
        Judgement allowed = situation()
                .gate("change", "unmeasured files at most 1")
                .head(9, 10)
                .newFile("src/pilots.js")
                .judge();
        assertThat(allowed.outcome()).isEqualTo(Outcome.PASS);
        Judgement test = situation()
                .gate("change", "lines at least 80 %")
                .head(9, 10)
                .newFile("test/pilots.test.js")
                .judge();
        assertThat(test.outcome()).as("a test is excluded, not unmeasured").isEqualTo(Outcome.PASS);
        Judgement other = situation()
                .gate("change", "lines at least 80 %")
                .head(9, 10)
                .newFile("README.md")
                .judge();
        assertThat(other.outcome()).as("no report measures such files").isEqualTo(Outcome.PASS);
    }

    @Test
    public void aFallCountsOnlyIfMoreIsMissed() {
        assertThat(situation()
                        .gate("whole", "lines fall by at most 0.2 points")
                        .head(80, 100)
                        .base(85, 100)
                        .judge()
                        .rules()
                        .get(0))
                .satisfies(rule -> {
                    assertThat(rule.outcome()).isEqualTo(Outcome.FAIL);
                    assertThat(((Finding.Points) rule.found().orElseThrow()).points())
                            .isEqualTo("5.00");
                    assertThat(rule.shortfall().orElseThrow()).hasToString("5 lines");
                });
        assertThat(situation()
                        .gate("whole", "lines fall by at most 0.2 points")
                        .head(40, 60)
                        .base(80, 100)
                        .judge()
                        .outcome())
                .as("covered code was deleted, nothing more is missed")
                .isEqualTo(Outcome.PASS);
        assertThat(situation()
                        .gate("whole", "lines fall by at most 5 points")
                        .head(80, 100)
                        .base(85, 100)
                        .judge()
                        .outcome())
                .isEqualTo(Outcome.PASS);
    }

    @Test
    public void nothingToCompareWithPassesAndAnUnseenBaseIsNotJudged() {
        Situation first =
                situation().gate("whole", "lines fall by at most 0.2 points").head(1, 9);
        assertThat(first.judge().outcome()).isEqualTo(Outcome.PASS);
        assertThat(first.judge().rules().get(0).remark()).isEqualTo("nothing to compare with");
        first.baseKnown = false;
        assertThat(first.judge().outcome()).isEqualTo(Outcome.NOT_JUDGED);
    }

    @Test
    public void eachChangedFileNamesTheFilesThatBreach() {
        Judgement judgement = situation()
                .gate("each changed file", "lines at least 50 %, else warn")
                .head(1, 9)
                .judge();
        assertThat(judgement.outcome()).isEqualTo(Outcome.WARN);
        assertThat(judgement.rules().get(0).scope()).isEqualTo("each changed file: " + FILE);
        assertThat(situation()
                        .gate("each changed file", "lines at least 50 %")
                        .head(9, 9)
                        .judge()
                        .rules())
                .hasSize(1);
    }

    @DataProvider
    public Object[][] doubts() {
        return new Object[][] {
            {Doubt.Effect.MISSING, 1, Outcome.UNDECIDED},
            {Doubt.Effect.MISSING, 9, Outcome.PASS},
            {Doubt.Effect.UNSURE, 1, Outcome.UNDECIDED},
            {Doubt.Effect.UNSURE, 9, Outcome.UNDECIDED},
            {Doubt.Effect.INFORMS, 1, Outcome.FAIL},
            {Doubt.Effect.INFORMS, 9, Outcome.PASS},
        };
    }

    @Test(dataProvider = "doubts")
    public void aDoubtLeavesUndecidedWhatItTouches(Doubt.Effect effect, int covered, Outcome expected) {
        assertThat(situation()
                        .gate("change", "lines at least 80 %")
                        .head(covered, 10)
                        .doubt(effect)
                        .judge()
                        .outcome())
                .isEqualTo(expected);
    }

    @Test
    public void aDoubtedWarningIsAtMostAWarning() {
        assertThat(situation()
                        .gate("change", "lines at least 80 %, else warn")
                        .head(1, 10)
                        .doubt(Doubt.Effect.UNSURE)
                        .judge()
                        .outcome())
                .isEqualTo(Outcome.WARN);
    }

    @Test
    public void whatASuiteToComeCanUndoWaits() {
        Situation situation = situation().gate("change", "lines at least 80 %").head(1, 10);
        situation.awaited.add(new Awaited("system", "nothing yet", Optional.empty()));
        assertThat(situation.judge().outcome()).isEqualTo(Outcome.WAITING);
        assertThat(situation.judge().rules().get(0).outcome()).isEqualTo(Outcome.NOT_JUDGED);
        situation.headFaults.add(new Fault(new Place(3, 1), "“gaet” is no key"));
        assertThat(situation.judge().outcome())
                .as("nothing that comes mends the head's file")
                .isEqualTo(Outcome.FAIL);
        assertThat(situation.judge().rules().get(0).remark()).contains("line 3, column 1");
    }
}
