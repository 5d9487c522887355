package ojala.demo;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayInputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.SortedMap;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import ojala.core.format.Report;
import ojala.core.format.ReportReader;
import ojala.core.path.PathMatching;
import ojala.core.report.MatchedReport;
import ojala.core.settings.SettingsReader;
import ojala.core.settings.SettingsReading;
import ojala.demo.history.HarbourFiles;
import ojala.demo.history.History;
import ojala.demo.history.Stage;
import ojala.demo.program.Program;
import ojala.demo.program.Statement;
import ojala.demo.report.JobReports;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** The harbour itself: at every stage its settings can be read, and its reports agree with its sources. */
public class HarbourTest {
    private static final Path SCENARIO = Path.of(System.getProperty("ojala.checkout"), "demo/harbour");
    private static final History HISTORY = History.read(SCENARIO.resolve("history.yaml"));
    private static final HarbourFiles FILES = new HarbourFiles(SCENARIO.resolve("files"), HISTORY);

    @DataProvider
    public Object[][] stages() {
        return Stream.concat(
                        Stream.iterate(1, i -> i <= HISTORY.commits().size(), i -> i + 1)
                                .map(Stage::main),
                        HISTORY.changes().stream().map(HISTORY::stage))
                .map(stage -> new Object[] {stage})
                .toArray(Object[][]::new);
    }

    @Test
    public void itIsLongEnoughToShowATrend() {
        assertThat(HISTORY.commits()).hasSizeGreaterThanOrEqualTo(30);
        assertThat(HISTORY.commits()).extracting(History.Commit::at).isSorted();
        assertThat(HISTORY.commits().get(35).at())
                .isAfter(HISTORY.commits().get(0).at().plusSeconds(40 * 86_400L));
        assertThat(HISTORY.changes())
                .extracting(History.Change::branch)
                .containsExactly(
                        "pilots", "hazard", "slow", "elsewhere", "roster", "loosen", "moves", "moorings", "residuals");
    }

    @Test(dataProvider = "stages")
    public void everyStageChangesSomethingAndItsSettingsCanBeRead(Stage stage) {
        SortedMap<String, String> files = FILES.at(stage);
        SortedMap<String, String> before =
                FILES.at(stage.branch().isPresent() ? HISTORY.tip() : Stage.main(Math.max(1, stage.commit() - 1)));
        if (stage.commit() > 1) {
            assertThat(files).isNotEqualTo(before);
        }
        SettingsReading reading = SettingsReader.read(files.get("ojala.yaml"));
        assertThat(reading).isInstanceOf(SettingsReading.Valid.class);
    }

    @Test(dataProvider = "stages")
    public void everyReportIsReadWithoutANoteAndFitsItsSources(Stage stage) throws Exception {
        SortedMap<String, String> files = FILES.at(stage);
        PathMatching tree = new PathMatching(files.keySet(), List.of(), path -> Optional.ofNullable(files.get(path)));
        for (History.Job job : HISTORY.jobs(stage)) {
            for (Map.Entry<String, String> written :
                    JobReports.of(job, files, false).entrySet()) {
                Report report = ReportReader.read(
                        new ByteArrayInputStream(written.getValue().getBytes(StandardCharsets.UTF_8)), 1 << 20);
                assertThat(report.notes()).as(written.getKey()).isEmpty();
                MatchedReport matched = MatchedReport.of(written.getKey(), report, Optional.of(tree), path ->
                        (int) files.get(path).lines().count());
                assertThat(matched.unmatched())
                        .as(stage + " " + written.getKey())
                        .isEmpty();
                assertThat(matched.pastTheEnd()).isEmpty();
                matched.found().forEach(found -> linesAreCode(files.get(found.path()), found));
            }
        }
    }

    private static void linesAreCode(String text, MatchedReport.Found found) {
        List<String> lines = text.lines().toList();
        found.measurement().coverage().lines().measurable().stream()
                .forEach(line -> assertThat(lines.get(line - 1).strip())
                        .as(found.path() + ":" + line)
                        .isNotEmpty()
                        .doesNotMatch("[)\\]};,]+|//.*|#.*|/\\*.*|\\* .*|import .* from '.*"));
    }

    @Test
    public void theSameHistoryGivesTheSameNumbers() {
        SortedMap<String, String> files = FILES.at(HISTORY.tip());
        for (History.Job job : HISTORY.jobs(HISTORY.tip())) {
            assertThat(JobReports.of(job, files, false)).isEqualTo(JobReports.of(job, files, false));
        }
    }

    @Test
    public void aStatementAndItsBlockAreReadByIndentation() {
        String text = """
                export function fits(a: number): boolean {
                  // a remark
                  if (a > 3) {
                    return true
                  } else if (a < 0) {
                    throw new Error(
                      'below'
                    )
                  }
                  return false
                }
                """;
        Program program = JobReports.programs("quay", new java.util.TreeMap<>(Map.of("quay/a.ts", text)))
                .get("quay/a.ts");
        assertThat(program.functions()).extracting(Statement::name).containsExactly("fits");
        assertThat(Program.measured(program.statements()).map(Statement::line).toList())
                .containsExactly(3, 4, 5, 6, 10);
        assertThat(program.functions().get(0).lastLine()).isEqualTo(10);
    }

    @Test
    public void moreTestsNeverReachLess() throws Exception {
        List<Long> covered = new ArrayList<>();
        for (int commit : new int[] {31, 36}) {
            SortedMap<String, String> files = FILES.at(HISTORY.tip());
            files.put(
                    "quayside/test/radio.test.ts", FILES.at(Stage.main(commit)).get("quayside/test/radio.test.ts"));
            String report = JobReports.of(HISTORY.jobs().get(0), files, false).values().stream()
                    .collect(Collectors.joining());
            covered.add(report.lines()
                    .filter(line -> line.matches("DA:\\d+,[1-9].*"))
                    .count());
        }
        assertThat(covered.get(1)).isGreaterThan(covered.get(0));
    }

    @Test
    public void aRunThatLostItsDataListsTheSameLinesWithNothingReached() throws Exception {
        SortedMap<String, String> files = FILES.at(Stage.main(22));
        String report = JobReports.of(HISTORY.jobs().get(1), files, true)
                .values()
                .iterator()
                .next();
        assertThat(report).contains("hits=\"0\"").doesNotContainPattern("hits=\"[1-9]");
    }
}
