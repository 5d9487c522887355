package ojala.core.format;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.zip.GZIPOutputStream;
import ojala.core.model.Count;
import ojala.core.model.CountName;
import ojala.core.model.Measurement;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** Each fact about tracefiles that trips readers, with a sample or a few lines. */
public class LcovTest {
    private static Report read(String text) throws IOException, UnreadableReport {
        return ReportReader.read(new ByteArrayInputStream(text.getBytes(StandardCharsets.UTF_8)), 1 << 20);
    }

    private static Report section(String records) throws IOException, UnreadableReport {
        return read("TN:\nSF:a.c\n" + records + "end_of_record\n");
    }

    private static Measurement only(Report report) {
        assertThat(report.sources()).hasSize(1);
        return report.sources().get(report.sources().keySet().iterator().next());
    }

    @Test
    public void readsWhatNodeWrites() throws Exception {
        Report report = Samples.read("lcov/node.info");
        assertThat(report.notes()).isEmpty();
        Measurement berths = report.sources().get("src/berths.js");
        assertThat(berths.coverage().lines().covered()).hasToString("1-2,4");
        assertThat(berths.coverage().lines().missed()).hasToString("5");
        assertThat(berths.coverage().counts().of(CountName.FUNCTIONS)).isEqualTo(new Count(1, 1));
        assertThat(berths.coverage().counts().of(CountName.BRANCHES)).isEqualTo(new Count(1, 2));
        assertThat(berths.coverage().branches().get(4).atLeast()).isTrue();
        assertThat(berths.hits().orElseThrow().at(2)).isEqualTo(2);
    }

    @Test
    public void readsMarkedCrLfFilesWithOddNumbers() throws Exception {
        Report report = Samples.read("lcov/odd.info");
        Measurement tide = only(report);
        assertThat(tide.coverage().lines().covered()).hasToString("3,5-6");
        assertThat(tide.coverage().lines().missed()).hasToString("4,7");
        assertThat(tide.hits().orElseThrow().at(0))
                .as("7 of one test and 2 of the other")
                .isEqualTo(9);
        assertThat(tide.hits().orElseThrow().at(2)).isEqualTo(15_000_000_000L);
        assertThat(tide.hits().orElseThrow().at(3)).isEqualTo(Long.MAX_VALUE);
        assertThat(tide.tests().get("harmonics")).hasToString("3,5-6");
        assertThat(tide.tests().get("spring_tide")).hasToString("3");
        assertThat(tide.coverage().functions()).extracting("name").containsExactly("level", "operator,(int, int)");
        assertThat(tide.coverage().functions()).extracting("endLine").containsExactly(9, 0);
        assertThat(tide.coverage().functions()).extracting("covered").containsExactly(true, false);
        assertThat(tide.coverage().counts().of(CountName.BRANCHES)).isEqualTo(new Count(1, 2));
        assertThat(tide.coverage().branches().get(4).atLeast()).isFalse();
        assertThat(tide.coverage().counts().of(CountName.MCDC)).isEqualTo(new Count(1, 2));
        assertThat(report.skipped()).containsEntry("VER records", 1L).containsEntry("exception branches", 1L);
        assertThat(report.notes())
                .extracting(Note::kind)
                .containsExactly(NoteKind.SUMMARY_DISAGREES, NoteKind.NEGATIVE_HITS, NoteKind.IMPOSSIBLE_LINE);
    }

    @Test
    public void aliasesUnderOneIndexAreOneFunction() throws Exception {
        Report report = Samples.read("lcov/index-and-alias.info");
        Measurement gauge = only(report);
        assertThat(gauge.coverage().functions()).hasSize(2);
        assertThat(gauge.coverage().functions().get(0).covered()).isTrue();
        assertThat(gauge.coverage().functions().get(0).endLine()).isEqualTo(20);
        assertThat(gauge.coverage().functions().get(1).covered()).isFalse();
        assertThat(gauge.coverage().lines().covered())
                .as("two sections of one file")
                .hasToString("10-11");
        assertThat(report.notes()).extracting(Note::kind).containsExactly(NoteKind.DANGLING);
    }

    @Test
    public void namesThatRepeatTakeTheirHitsInOrder() throws Exception {
        Measurement source = only(section("FN:2,get\nFN:9,get\nFNDA:0,get\nFNDA:4,get\n"));
        assertThat(source.coverage().functions()).extracting("covered").containsExactly(false, true);
    }

    @Test
    public void branchesNamedByExpressionsKeepTheirIdentity() throws Exception {
        Measurement source = only(section("BRDA:3,0,ship.length > 9, or so,2\nBRDA:3,0,else,-\nDA:3,2\n"));
        assertThat(source.coverage().branches().get(3).shapes().get(0).sides())
                .extracting("way")
                .containsExactly("else", "ship.length > 9, or so");
        assertThat(source.coverage().branches().get(3).count()).isEqualTo(new Count(1, 2));
    }

    @Test
    public void aReportWithoutEndIsReadAndSaysSo() throws Exception {
        Report report = read("TN:\nSF:a.c\nDA:1,1\nDA:2,0");
        assertThat(only(report).coverage().lines().measurable()).hasToString("1-2");
        assertThat(report.notes()).singleElement().satisfies(note -> {
            assertThat(note.kind()).isEqualTo(NoteKind.NO_END);
            assertThat(note.text()).contains("line 4", "cut off");
        });
    }

    @DataProvider
    public Object[][] broken() {
        return new Object[][] {
            {"TN:\nSF:a.c\nDA:1", "line 3", "too few fields"},
            {"TN:\nSF:a.c\nDA:1,\nend_of_record\n", "line 3", "no hit count"},
            {"TN:\nSF:a.c\nDA:x,1\nend_of_record\n", "line 3", "no line number"},
            {"TN:\nDA:1,1\n", "line 2", "outside a section"},
            {"TN:\nSF:\n", "line 2", "without a path"},
            {"TN:\nSF:a.c\nBRDA:1,0,0\n", "line 3", "BRDA:line,block,branch,taken"},
            {"TN:\nSF:a.c\nMCDC:1,2,t\n", "line 3", "MCDC:line,groupSize"},
            {"TN:\nSF:a.c\n<html>\n", "line 3", "not a tracefile record"},
        };
    }

    @Test(dataProvider = "broken")
    public void aBrokenReportIsRefusedWithItsPlace(String text, String place, String reason) {
        assertThatThrownBy(() -> read(text)).isInstanceOfSatisfying(UnreadableReport.class, refused -> {
            assertThat(refused.format()).isEqualTo("lcov");
            assertThat(refused.place()).isEqualTo(place);
            assertThat(refused.reason()).contains(reason);
        });
    }

    @Test
    public void whatIsNoReportIsNamed() {
        assertThatThrownBy(() -> read("")).isInstanceOf(UnreadableReport.class).hasMessageContaining("empty");
        assertThatThrownBy(() -> ReportReader.read(
                        new ByteArrayInputStream(new byte[] {(byte) 0x89, 'P', 'N', 'G', 13, 10, 26, 10}), 1000))
                .isInstanceOf(UnreadableReport.class)
                .hasMessageContaining("PNG picture");
        assertThatThrownBy(() -> read("hello\n")).hasMessageContaining("considered: LCOV tracefile");
    }

    @Test
    public void aSmallFileCantBecomeAHugeOne() throws IOException {
        ByteArrayOutputStream packed = new ByteArrayOutputStream();
        try (GZIPOutputStream gzip = new GZIPOutputStream(packed)) {
            gzip.write("TN:\nSF:a.c\n".getBytes(StandardCharsets.UTF_8));
            byte[] lines = "DA:1,1\n".repeat(10_000).getBytes(StandardCharsets.UTF_8);
            for (int i = 0; i < 200; i++) {
                gzip.write(lines);
            }
        }
        assertThatThrownBy(() -> ReportReader.read(new ByteArrayInputStream(packed.toByteArray()), 1 << 20))
                .isInstanceOf(UnreadableReport.class)
                .hasMessageContaining("more than 1048576 bytes");
    }
}
