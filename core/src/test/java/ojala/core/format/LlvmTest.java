package ojala.core.format;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import ojala.core.model.CountName;
import org.testng.annotations.Test;

/** What trips readers of LLVM's coverage export. */
public class LlvmTest {
    private static Measured level() throws Exception {
        return Measured.of(Samples.read("llvm/regions.json"), "/ci/harbour/gauge/level.cpp");
    }

    @Test
    public void linesAreMadeOfSegmentsGapsAndSkippedRegionsAside() throws Exception {
        Measured level = level();
        assertThat(level.covered()).isEqualTo("3-4,7,10-11");
        assertThat(level.missed())
                .as("the region that begins in line 4 and reaches into 6")
                .isEqualTo("5-6");
        assertThat(level.hits(4)).isEqualTo(5);
        assertThat(level.state(4)).as("a region that begins there did not run").isEqualTo("PARTIAL");
        assertThat(level.measurement().coverage().lines().indexOf(8))
                .as("skipped")
                .isNegative();
    }

    @Test
    public void branchesAreDistinctPlaces() throws Exception {
        assertThat(level().branches(4)).as("listed once per instance").isEqualTo("2/2");
    }

    @Test
    public void instancesOfOneRangeAreOneFunction() throws Exception {
        assertThat(level().functions()).isEqualTo("gauge::rise@3:12-11 covered 0");
        assertThat(Samples.read("llvm/regions.json").skipped())
                .containsEntry("functions of files that are not listed", 1L);
    }

    @Test
    public void pairsOfConditionsAreRead() throws Exception {
        assertThat(level().count(CountName.MCDC)).isEqualTo("1/2");
    }

    @Test
    public void anExportOfTotalsIsRefusedWithTheReason() {
        assertThatThrownBy(() ->
                        Samples.text("{\"data\":[{\"files\":[{\"filename\":\"a.c\",\"summary\":{}}],\"totals\":{}}]}"))
                .isInstanceOfSatisfying(UnreadableReport.class, refused -> {
                    assertThat(refused.format()).isEqualTo("llvm");
                    assertThat(refused.reason()).contains("-summary-only");
                });
    }
}
