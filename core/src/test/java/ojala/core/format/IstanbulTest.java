package ojala.core.format;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import ojala.core.model.CountName;
import org.testng.annotations.Test;

/** What trips readers of Istanbul JSON. */
public class IstanbulTest {
    private static final String BERTHS = "/ci/harbour/quayside/src/berths.ts";

    private static Measured berths() throws Exception {
        return Measured.of(Samples.read("istanbul/maps.json"), BERTHS);
    }

    @Test
    public void aLineRanAsOftenAsTheStatementStartingOnItThatRanMost() throws Exception {
        assertThat(berths().hits(3)).isEqualTo(7);
        assertThat(berths().missed()).isEqualTo("5");
        assertThat(berths().count(CountName.LINES)).isEqualTo("1/2");
        assertThat(berths().count(CountName.STATEMENTS)).isEqualTo("2/3");
    }

    @Test
    public void anEmptyPlaceIsTheElseThatNobodyWrote() throws Exception {
        assertThat(berths().branches(3)).isEqualTo("1/2");
        assertThat(berths().branches(6)).as("the place of its first side").isEqualTo("2/3");
    }

    @Test
    public void columnsCountFromOne() throws Exception {
        assertThat(berths().functions()).isEqualTo("moor@2:10-9 covered 0; (anonymous_1)@5:11-7 missed 0");
    }

    @Test
    public void oddThingsAreTold() throws Exception {
        Report report = Samples.read("istanbul/maps.json");
        assertThat(report.notes()).extracting(Note::kind).containsExactly(NoteKind.DANGLING);
        assertThat(report.skipped()).containsEntry("embedded source maps", 1L);
    }

    @Test
    public void countersMayStandBeforeTheirMaps() throws Exception {
        Measured turned = Measured.of(
                Samples.text("{\"/a.js\":{\"fnMap\":{},\"s\":{\"0\":3},\"statementMap\":{\"0\":{\"end\":{\"line\":2,"
                        + "\"column\":1},\"start\":{\"line\":2,\"column\":0}}}}}"),
                "/a.js");
        assertThat(turned.hits(2)).isEqualTo(3);
    }

    @Test
    public void aTextWhereANumberBelongsIsRefused() {
        assertThatThrownBy(() -> Samples.text("{\"/a.js\":{\"statementMap\":{},\n\"s\":{\"0\":\"x\"}}}"))
                .isInstanceOfSatisfying(UnreadableReport.class, refused -> {
                    assertThat(refused.format()).isEqualTo("istanbul");
                    assertThat(refused.place()).isEqualTo("line 2, column 10");
                });
    }
}
