package ojala.core.format;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import ojala.core.model.CountName;
import org.testng.annotations.Test;

/** What trips readers of coverage.py JSON. */
public class CoveragePyTest {
    private static Measured datum() throws Exception {
        return Measured.of(Samples.read("coveragepy/contexts.json"), "tides/datum.py");
    }

    @Test
    public void excludedLinesAreNoLinesAndThereAreNoHits() throws Exception {
        assertThat(datum().covered()).isEqualTo("1,3-4,6");
        assertThat(datum().missed()).isEqualTo("7");
        assertThat(datum().measurement().hits()).isEmpty();
        assertThat(Samples.read("coveragepy/contexts.json").skipped()).containsEntry("excluded lines", 2L);
    }

    @Test
    public void arcsAreSidesOfTheLineTheyLeave() throws Exception {
        assertThat(datum().branches(4)).isEqualTo("1/2");
        assertThat(datum().branches(3))
                .as("an exit is told with a line below 0")
                .isEqualTo("0/1");
        assertThat(datum().count(CountName.BRANCHES)).isEqualTo("1/3");
    }

    @Test
    public void contextsTellWhichTestReachesALine() throws Exception {
        assertThat(datum().measurement().tests().toString())
                .isEqualTo("{tests.test_datum.test_high=4, tests.test_datum.test_low=3-4}");
    }

    @Test
    public void functionsOfNewerWriters() throws Exception {
        assertThat(datum().functions()).isEqualTo("Datum.shift@3:0-0 covered 0; never@7:0-0 missed 0");
    }

    @Test
    public void aFileWithoutLinesIsRead() throws Exception {
        assertThat(Measured.of(Samples.read("coveragepy/contexts.json"), "tides/empty.py")
                        .count(CountName.LINES))
                .isEqualTo("0/0");
    }

    @Test
    public void aReportWithoutFilesIsRefused() {
        assertThatThrownBy(() -> Samples.text("{\"meta\": {\"branch_coverage\": true}}"))
                .hasMessageContaining("no “files”");
        assertThatThrownBy(() -> Samples.text("{\"meta\": {\"branch_coverage\": true},\n\"files\": {\"a.py\": "
                        + "{\"executed_lines\": [], \"executed_branches\": [[1]]}}}"))
                .isInstanceOfSatisfying(
                        UnreadableReport.class,
                        refused -> assertThat(refused.place()).startsWith("line 2"));
    }
}
