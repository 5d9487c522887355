package ojala.core.format;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.ByteArrayInputStream;
import java.nio.charset.StandardCharsets;
import ojala.core.model.CountName;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** What trips readers of gcov's text listings. */
public class GcovTextTest {
    private static Measured level() throws Exception {
        return Measured.of(Samples.read("gcovtext/level.c.gcov"), "level.c");
    }

    @Test
    public void marksAndCountsForPeople() throws Exception {
        Measured level = level();
        assertThat(level.missed()).isEqualTo("6-7");
        assertThat(level.hits(8)).isEqualTo(1500);
        assertThat(level.state(5)).as("2*").isEqualTo("PARTIAL");
        assertThat(level.covered()).isEqualTo("3,5,8,12,20-21");
    }

    @Test
    public void instancesOfATemplateAreNotAddedToTheirSum() throws Exception {
        assertThat(level().hits(12)).isEqualTo(3);
        assertThat(level().branches(12)).as("sides united over instances").isEqualTo("2/2");
        assertThat(level().hits(20)).as("behind the instances").isEqualTo(4);
        assertThat(Samples.read("gcovtext/level.c.gcov").skipped())
                .containsEntry("lines of template instances", 2L)
                .containsEntry("exception branches", 1L);
    }

    @Test
    public void branchesCallsAndFunctionsBelongToTheLineTheyStandAt() throws Exception {
        assertThat(level().branches(5)).isEqualTo("2/3");
        assertThat(level().count(CountName.CALLS)).isEqualTo("1/2");
        assertThat(level().functions()).startsWith("alarm(int, bool)@3:0-0 covered 0");
    }

    @Test
    public void aListingMadeWithoutItsSourceSaysSo() throws Exception {
        Report report = Samples.read("gcovtext/crlf-header.gcov");
        assertThat(report.sources().keySet()).containsExactly("/ci/harbour/gauge/empty.c");
        assertThat(report.notes()).extracting(Note::kind).containsExactly(NoteKind.OTHER_SOURCE);
        assertThat(Samples.read("gcovtext/level.c.gcov").notes())
                .as("a line past the end of the source it was made with")
                .extracting(Note::kind)
                .containsExactly(NoteKind.OTHER_SOURCE);
    }

    @DataProvider
    public Object[][] names() {
        return new Object[][] {
            {"reports/level.c.gcov", "level.c"},
            {"#ci#harbour#gauge#level.c.gcov", "/ci/harbour/gauge/level.c"},
            {"main.c##..#inc#level.h.gcov", "../inc/level.h"},
            {"gauge#^#inc#level.h.gcov.gz", "gauge/../inc/level.h"},
        };
    }

    @Test(dataProvider = "names")
    public void withoutASourceLineTheListingsNameSaysTheSource(String name, String source) throws Exception {
        byte[] listing = "        -:    0:Runs:1\n        4:    3:int level;\n".getBytes(StandardCharsets.UTF_8);
        Report report =
                ReportReader.read(new ByteArrayInputStream(listing), 1 << 20, new Origin(name, SourceTexts.NONE));
        assertThat(report.sources().keySet()).containsExactly(source);
    }

    @Test
    public void whatIsNoLineOfAListingIsRefused() {
        assertThatThrownBy(() -> Samples.text("        -:    0:Source:a.c\n   x:    1:int a;\n"))
                .isInstanceOfSatisfying(UnreadableReport.class, refused -> {
                    assertThat(refused.format()).isEqualTo("gcovtext");
                    assertThat(refused.place()).isEqualTo("line 2");
                });
    }
}
