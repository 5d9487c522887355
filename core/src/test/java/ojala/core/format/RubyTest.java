package ojala.core.format;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import ojala.core.model.CountName;
import org.testng.annotations.Test;

/** What trips readers of Ruby's coverage, as the standard library dumps it and as result sets hold it. */
public class RubyTest {
    private static final String ROSTER = "/ci/harbour/pilots/roster.rb";

    @Test
    public void nullIsNoCodeAndAListMayEndBeforeItsFile() throws Exception {
        Measured roster = Measured.of(Samples.read("ruby/result.json"), ROSTER);
        assertThat(roster.covered()).isEqualTo("2-3");
        assertThat(roster.missed()).isEqualTo("4");
        assertThat(Measured.of(Samples.read("ruby/result.json"), "/usr/lib/ruby/3.1.0/set.rb")
                        .missed())
                .as("a bare list")
                .isEqualTo("3");
    }

    @Test
    public void keysAreRubyArraysWithoutTheirAddresses() throws Exception {
        Measured roster = Measured.of(Samples.read("ruby/result.json"), ROSTER);
        assertThat(roster.functions())
                .isEqualTo("Roster.empty@2:3-2 missed 0; Roster#next_for@3:3-4 covered 0; "
                        + "#<Class>#odd@4:1-4 covered 0");
        assertThat(roster.branches(3)).isEqualTo("1/2");
    }

    @Test
    public void oneShotLinesShowNoMissAndSaySo() throws Exception {
        Report report = Samples.read("ruby/result.json");
        Measured once = Measured.of(report, "/ci/harbour/pilots/once.rb");
        assertThat(once.covered()).isEqualTo("1-2,5");
        assertThat(once.measurement().hits()).isEmpty();
        assertThat(report.notes()).extracting(Note::kind).containsExactly(NoteKind.NO_MISSES);
    }

    @Test
    public void runsOfAResultSetAddUpAndTheirBranchNumbersPlayNoPart() throws Exception {
        Report report = Samples.read("simplecov/runs.json");
        Measured roster = Measured.of(report, ROSTER);
        assertThat(roster.hits(1)).isEqualTo(2);
        assertThat(roster.hits(3)).isEqualTo(2);
        assertThat(roster.missed()).isEmpty();
        assertThat(roster.count(CountName.BRANCHES)).isEqualTo("2/2");
        assertThat(report.skipped()).containsEntry("ignored lines", 1L);
        assertThat(Measured.of(report, "/ci/harbour/pilots/old.rb").missed()).isEqualTo("3");
    }

    @Test
    public void aKeyThatIsNoRubyArrayIsRefused() {
        assertThatThrownBy(() -> Samples.text("{\"/a.rb\": {\"lines\": [1],\n\"methods\": {\"moor\": 1}}}"))
                .isInstanceOfSatisfying(UnreadableReport.class, refused -> {
                    assertThat(refused.format()).isEqualTo("ruby");
                    assertThat(refused.place()).startsWith("line 2");
                });
    }
}
