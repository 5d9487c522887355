package ojala.core.format;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import ojala.core.model.CountName;
import org.testng.annotations.Test;

/** What trips readers of gcov JSON. */
public class GcovTest {
    private static final String LEVEL = "/ci/harbour/gauge/level.c";

    @Test
    public void namesAreRelativeToTheFolderOfTheDocument() throws Exception {
        assertThat(Samples.read("gcov/conditions.json").sources().keySet())
                .containsExactly("/ci/harbour/gauge/../gauge/level.c", LEVEL, "/usr/include/stdio.h");
    }

    @Test
    public void aLineThatStandsTwiceAddsUp() throws Exception {
        Measured level = Measured.of(Samples.read("gcov/conditions.json"), LEVEL);
        assertThat(level.hits(6)).isEqualTo(5);
        assertThat(level.hits(7)).as("a negative count").isZero();
        assertThat(level.state(5)).as("a block of it did not run").isEqualTo("PARTIAL");
    }

    @Test
    public void documentsOfOneFileAddUp() throws Exception {
        String document = "{\"gcc_version\":\"12\",\"files\":[{\"file\":\"tide.h\",\"lines\":[{\"branches\":[],"
                + "\"count\":%d,\"line_number\":3,\"unexecuted_block\":false}],\"functions\":[]}],"
                + "\"current_working_directory\":\"/ci\"}\n";
        Measured header = Measured.of(Samples.text(document.formatted(2) + document.formatted(5)), "/ci/tide.h");
        assertThat(header.hits(3)).isEqualTo(7);
        assertThat(header.count(CountName.BRANCHES)).as("made without branches").isEqualTo("–");
    }

    @Test
    public void exceptionEdgesAreLeftOutAndCounted() throws Exception {
        Report report = Samples.read("gcov/conditions.json");
        assertThat(Measured.of(report, LEVEL).branches(5)).isEqualTo("2/2");
        assertThat(report.skipped()).containsEntry("exception branches", 1L);
    }

    @Test
    public void conditionsCallsAndFunctionsAreRead() throws Exception {
        Measured level = Measured.of(Samples.read("gcov/conditions.json"), LEVEL);
        assertThat(level.count(CountName.MCDC)).isEqualTo("3/6");
        assertThat(level.count(CountName.CALLS)).isEqualTo("1/2");
        assertThat(level.functions()).isEqualTo("alarm(int)@4:5-12 covered 0");
    }

    @Test
    public void aFileWithoutANameIsRefused() {
        assertThatThrownBy(() -> Samples.text("{\"gcc_version\":\"12\",\n\"files\":[{\"lines\":[]}]}"))
                .isInstanceOfSatisfying(UnreadableReport.class, refused -> {
                    assertThat(refused.format()).isEqualTo("gcov");
                    assertThat(refused.place()).startsWith("line 2, column ");
                });
    }
}
