package ojala.demo.reach;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.SortedMap;
import ojala.demo.program.Language;
import ojala.demo.program.Program;
import ojala.demo.report.CoberturaText;
import ojala.demo.report.LcovText;
import org.testng.annotations.Test;

/** What tests reach of a program, and how it is written down. */
public class TestRunTest {
    private static final Program PYTHON = Program.read("tides/tides/datum.py", Language.PYTHON, """
            LIMIT = 3


            def check(value):
                if value > LIMIT:
                    raise ValueError("too high")
                return half(value)


            def half(value):
                return value / 2


            def never():
                return 0
            """);

    private static SortedMap<String, SourceReach> run(String tests) {
        return new TestRun(List.of(PYTHON), tests).run();
    }

    @Test
    public void whatNoTestCallsIsNotLoaded() {
        assertThat(run("check is not called here")).isEmpty();
    }

    @Test
    public void whatRunsCallsOthers() {
        SourceReach reach = run("self.assertEqual(check(2), 1)").get(PYTHON.path());
        assertThat(reach.functions()).containsEntry("never", 0L);
        assertThat(reach.functions().get("half")).isPositive();
        assertThat(reach.hits()).containsEntry(1, 1L).containsEntry(14, 1L).containsEntry(15, 0L);
        assertThat(reach.hits().get(11)).isPositive();
    }

    @Test
    public void aRefusalIsReachedOnlyByATestThatExpectsIt() {
        assertThat(run("check(2)").get(PYTHON.path()).hits()).containsEntry(6, 0L);
        SourceReach refused =
                run("check(2)\nwith self.assertRaises(ValueError): check(9)").get(PYTHON.path());
        assertThat(refused.hits().get(6)).isPositive();
        assertThat(refused.branches().get(5).taken()).isBetween(1, 2);
    }

    @Test
    public void pythonIsWrittenBelowItsRoots() {
        String text = CoberturaText.of(run("check(2)"), List.of("tides/tides/", "tides/tools/"));
        assertThat(text)
                .contains("<source>/ci/harbour/tides/tides</source>", "<source>/ci/harbour/tides/tools</source>")
                .contains("filename=\"datum.py\"", "<line number=\"15\" hits=\"0\"/>")
                .containsPattern(
                        "<line number=\"5\" hits=\"\\d+\" branch=\"true\" condition-coverage=\"(50|100)% \\([12]/2\\)\"/>");
    }

    @Test
    public void aTracefileHasFunctionsBranchesAndLines() {
        Program program = Program.read("quayside/src/a.ts", Language.TYPESCRIPT, """
                export function fits(length: number): boolean {
                  if (length > 90) {
                    return false
                  }
                  return true
                }
                """);
        SortedMap<String, SourceReach> reached = new TestRun(List.of(program), "fits(3)\nfits(300)\nfits(30)").run();
        String text = LcovText.of(reached, Map.of(program.path(), program), "quayside/");
        assertThat(text)
                .startsWith("TN:\nSF:src/a.ts\nFN:1,5,fits\nFNDA:6,fits\nBRDA:2,0,0,")
                .contains("DA:2,6\n", "LF:3\n")
                .endsWith("end_of_record\n");
    }
}
