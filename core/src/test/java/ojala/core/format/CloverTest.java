package ojala.core.format;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import ojala.core.model.CountName;
import org.testng.annotations.Test;

/** What trips readers of Clover XML. */
public class CloverTest {
    @Test
    public void aFileInAPackageAndOneWithout() throws Exception {
        Report report = Samples.read("clover/packages.xml");
        assertThat(report.sources().keySet())
                .containsExactly("/ci/harbour/pilots/bootstrap.php", "/ci/harbour/pilots/src/Roster.php");
        assertThat(Measured.of(report, "/ci/harbour/pilots/bootstrap.php").hits(2))
                .isEqualTo(Long.MAX_VALUE);
        assertThat(report.skipped()).containsEntry("lines of an unknown type", 1L);
    }

    @Test
    public void aLineOfAMethodIsAFunctionAndNoStatement() throws Exception {
        Measured roster = Measured.of(Samples.read("clover/packages.xml"), "/ci/harbour/pilots/src/Roster.php");
        assertThat(roster.covered()).isEqualTo("9,12");
        assertThat(roster.missed()).isEqualTo("10,21");
        assertThat(roster.functions()).isEqualTo("next@8:0-0 covered 4; rest@20:0-0 missed 1");
    }

    @Test
    public void statementsOfOneLineCountEach() throws Exception {
        Measured roster = Measured.of(Samples.read("clover/packages.xml"), "/ci/harbour/pilots/src/Roster.php");
        assertThat(roster.count(CountName.STATEMENTS)).isEqualTo("1/4");
        assertThat(roster.count(CountName.LINES)).isEqualTo("2/4");
        assertThat(roster.hits(9)).isEqualTo(3);
        assertThat(roster.state(9)).isEqualTo("PARTIAL");
    }

    @Test
    public void trueAndFalseCountsAreHitsOrSidesByDialect() throws Exception {
        Measured php = Measured.of(Samples.read("clover/packages.xml"), "/ci/harbour/pilots/src/Roster.php");
        assertThat(php.branches(12)).as("true twice, false never").isEqualTo("1/2");
        Measured flat = Measured.of(Samples.read("clover/flat.xml"), "/ci/harbour/quayside/src/berths.ts");
        assertThat(flat.branches(5)).as("three sides taken, one not").isEqualTo("3/4");
        assertThat(flat.hits(5)).isEqualTo(7);
    }

    @Test
    public void aLineWithoutANumberIsRefused() {
        assertThatThrownBy(
                        () -> Samples.text("<coverage><project>\n<file name='a'><line type='stmt'/></file></project>"))
                .isInstanceOfSatisfying(UnreadableReport.class, refused -> {
                    assertThat(refused.format()).isEqualTo("clover");
                    assertThat(refused.place()).startsWith("line 2");
                });
    }
}
