package ojala.core.format;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.Map;
import ojala.core.model.CountName;
import org.testng.annotations.Test;

/** What trips readers of JaCoCo XML. */
public class JacocoTest {
    private static Measured berth() throws Exception {
        return Measured.of(Samples.read("jacoco/groups.xml"), "berthing/candela/berths/Berth.java");
    }

    @Test
    public void aLineIsMissedWithoutCoveredInstructionsAndPartialWithMissedOnes() throws Exception {
        Measured berth = berth();
        assertThat(berth.covered()).isEqualTo("9,14-15,17");
        assertThat(berth.missed()).isEqualTo("16");
        assertThat(berth.state(14)).isEqualTo("PARTIAL");
        assertThat(berth.state(15)).as("missed instructions, no branches").isEqualTo("PARTIAL");
        assertThat(berth.state(17)).isEqualTo("COVERED");
        assertThat(berth.count(CountName.LINES)).isEqualTo("4/5");
    }

    @Test
    public void thereAreNoHitCounts() throws Exception {
        assertThat(berth().measurement().hits()).isEmpty();
    }

    @Test
    public void instructionsAndBranchesAreCounts() throws Exception {
        assertThat(berth().count(CountName.INSTRUCTIONS)).isEqualTo("12/24");
        assertThat(berth().count(CountName.BRANCHES)).isEqualTo("3/6");
        assertThat(berth().branches(14)).isEqualTo("1/4");
    }

    @Test
    public void methodsHaveReadableNamesAndTheirComplexity() throws Exception {
        assertThat(berth().functions())
                .isEqualTo("Berth (static initialiser)@7:0-0 covered 1; Berth (constructor)@9:0-0 covered 1; "
                        + "Berth.fits@14:0-0 covered 5; Berth.lambda 0 in fits@16:0-0 missed 1; "
                        + "Berth.Kind.values@30:0-0 missed 1");
        assertThat(berth().count(CountName.COMPLEXITY)).isEqualTo("7/9");
    }

    @Test
    public void groupsKeepFilesOfOneNameApart() throws Exception {
        Report report = Samples.read("jacoco/groups.xml");
        assertThat(report.sources().keySet())
                .containsExactly(
                        "berthing/candela/berths/Berth.java",
                        "tariff/candela/berths/Berth.java",
                        "tariff/deep/Main.java");
        assertThat(report.skipped()).isEqualTo(Map.of("session entries", 1L, "classes without a source file", 1L));
    }

    @Test
    public void aLineOutsideAFileIsRefusedWithItsPlace() {
        assertThatThrownBy(() -> Samples.text("<report name='x'><package name='p'>\n<line nr='1'/></package></report>"))
                .isInstanceOfSatisfying(UnreadableReport.class, refused -> {
                    assertThat(refused.format()).isEqualTo("jacoco");
                    assertThat(refused.place()).startsWith("line 2");
                });
        assertThatThrownBy(() -> Samples.text(
                        "<report name='x'><package name='p'><sourcefile name='A'><line nr='1' mi='x'/></sourcefile>"
                                + "</package></report>"))
                .hasMessageContaining("mi of a <line> is no number");
    }
}
