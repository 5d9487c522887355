package ojala.core.format;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import ojala.core.model.CountName;
import org.testng.annotations.Test;

/** What trips readers of OpenCover XML. */
public class OpenCoverTest {
    private static final String TUG = "C:\\ci\\harbour\\tugs\\Tug.cs";

    private static Measured tug() throws Exception {
        return Measured.of(Samples.read("opencover/session.xml"), TUG);
    }

    @Test
    public void pointsBelongToTheLineTheyStartOnHiddenOnesToNone() throws Exception {
        assertThat(tug().covered()).isEqualTo("10,13");
        assertThat(tug().state(10)).isEqualTo("PARTIAL");
        assertThat(tug().hits(13)).isEqualTo(Long.MAX_VALUE);
        assertThat(tug().count(CountName.STATEMENTS)).isEqualTo("2/3");
        assertThat(Samples.read("opencover/session.xml").skipped()).containsEntry("hidden points", 1L);
    }

    @Test
    public void aFileIsFoundByItsNumberInThePointOrTheMethod() throws Exception {
        assertThat(Measured.of(Samples.read("opencover/session.xml"), "C:\\ci\\harbour\\tugs\\Tug.Part.cs")
                        .functions())
                .isEqualTo("Tug (constructor)@4:0-4 missed 1");
    }

    @Test
    public void branchesMethodsAndComplexity() throws Exception {
        assertThat(tug().branches(10)).isEqualTo("1/2");
        assertThat(tug().functions()).isEqualTo("Tug.Tow@10:0-13 covered 3");
        assertThat(Samples.read("opencover/session.xml").skipped())
                .containsEntry("branch points without a line", 1L)
                .containsEntry("modules skipped by their writer", 1L);
    }

    @Test
    public void aPointOfAnUnknownFileIsRefused() {
        assertThatThrownBy(() -> Samples.text("<CoverageSession><Modules><Module><Classes><Class><Methods><Method>\n"
                        + "<SequencePoints><SequencePoint vc='1' sl='1' fileid='9'/></SequencePoints>"))
                .isInstanceOfSatisfying(UnreadableReport.class, refused -> {
                    assertThat(refused.place()).startsWith("line 2");
                    assertThat(refused.reason()).contains("file “9”");
                });
    }
}
