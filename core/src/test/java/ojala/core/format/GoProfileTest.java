package ojala.core.format;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import ojala.core.model.CountName;
import org.testng.annotations.Test;

/** What trips readers of Go cover profiles. */
public class GoProfileTest {
    private static final String AIS = "harbour.example/port/beacon/ais.go";

    @Test
    public void aLineRanAsOftenAsTheBlockThatRanMost() throws Exception {
        Measured once = Measured.of(
                Samples.text("mode: count\na.go:3.13,5.20 2 4\na.go:5.20,7.3 1 0\na.go:8.2,8.12 1 4\n"), "a.go");
        assertThat(once.hits(5)).isEqualTo(4);
        assertThat(once.state(5)).as("a run and a not-run block").isEqualTo("PARTIAL");
        assertThat(once.missed()).isEqualTo("6-7");
        assertThat(once.count(CountName.STATEMENTS)).isEqualTo("3/4");
    }

    @Test
    public void aBlockThatIsRepeatedAddsUp() throws Exception {
        Measured ais = Measured.of(Samples.read("goprofile/count.out"), AIS);
        assertThat(ais.hits(3)).isEqualTo(7);
        assertThat(ais.hits(8)).isEqualTo(4);
        assertThat(ais.hits(6)).isEqualTo(1);
        assertThat(ais.missed()).isEmpty();
        assertThat(ais.count(CountName.STATEMENTS)).isEqualTo("4/4");
    }

    @Test
    public void inModeSetARepeatedBlockRanOnceItRanAnywhereAndHasNoHits() throws Exception {
        Measured track = Measured.of(Samples.read("goprofile/set.out"), "harbour.example/port/beacon/track.go");
        assertThat(track.measurement().hits()).isEmpty();
        assertThat(track.covered()).isEqualTo("9-10,19-21");
        assertThat(track.state(10)).isEqualTo("PARTIAL");
        assertThat(track.count(CountName.STATEMENTS)).isEqualTo("2/3");
    }

    @Test
    public void nameMayHoldAColon() throws Exception {
        assertThat(Samples.read("goprofile/count.out").sources())
                .containsKey("harbour.example/port/beacon/odd:name.go");
    }

    @Test
    public void blocksInAnyOrderInterleavedAndRepeatedAreOneTable() throws Exception {
        StringBuilder shuffled = new StringBuilder("mode: atomic\n");
        for (int round = 0; round < 3; round++) {
            for (int block = 0; block < 1000; block++) {
                int at = 1 + block * 37 % 1000;
                shuffled.append("a.go:%d.1,%d.9 1 %d%n".formatted(at, at, at % 2));
                shuffled.append("b.go:%d.1,%d.9 1 1%n".formatted(1001 - at, 1001 - at));
            }
        }
        Report report = Samples.text(shuffled.toString());
        assertThat(Measured.of(report, "a.go").count(CountName.STATEMENTS)).isEqualTo("500/1000");
        assertThat(Measured.of(report, "a.go").hits(7)).isEqualTo(3);
        assertThat(Measured.of(report, "b.go").count(CountName.LINES)).isEqualTo("1000/1000");
    }

    @Test
    public void aVeryLongProfileIsPackedAndStillOneTable() throws Exception {
        StringBuilder text = new StringBuilder("mode: count\n");
        for (int round = 0; round < 2; round++) {
            for (int file = 0; file < 130; file++) {
                for (int line = 5000; line > 0; line--) {
                    text.append(file)
                            .append(".go:")
                            .append(line)
                            .append(".1,")
                            .append(line)
                            .append(".9 2 ");
                    text.append(line % 3 == 0 ? 0 : line).append('\n');
                }
            }
        }
        Report report = ReportReader.read(
                new java.io.ByteArrayInputStream(text.toString().getBytes(java.nio.charset.StandardCharsets.UTF_8)),
                1 << 28);
        assertThat(report.sources()).hasSize(130);
        for (String file : java.util.List.of("0.go", "64.go", "129.go")) {
            assertThat(Measured.of(report, file).count(CountName.STATEMENTS)).isEqualTo("6668/10000");
            assertThat(Measured.of(report, file).hits(4999)).isEqualTo(2 * 4999);
        }
    }

    @Test
    public void countsSaturate() throws Exception {
        Measured once = Measured.of(
                Samples.text("mode: count\na.go:1.1,1.9 1 99999999999999999999999\na.go:1.1,1.9 1 5\n"), "a.go");
        assertThat(once.hits(1)).isEqualTo(Long.MAX_VALUE);
    }

    @Test
    public void whatIsNoBlockIsRefusedWithItsLine() {
        assertThatThrownBy(() -> Samples.text("mode: set\na.go:1.1,1.9 1 1\na.go:1.1,1.9 1\n"))
                .isInstanceOfSatisfying(UnreadableReport.class, refused -> {
                    assertThat(refused.format()).isEqualTo("goprofile");
                    assertThat(refused.place()).isEqualTo("line 3");
                });
    }

    @Test
    public void aFewBytesCantBecomeManyLines() {
        StringBuilder wide = new StringBuilder("mode: set\n");
        for (int i = 0; i < 1000; i++) {
            wide.append("f").append(i).append(".go:1.1,9999999.1 1 1\n");
        }
        assertThatThrownBy(() -> Samples.text(wide.toString())).hasMessageContaining("far more lines");
    }
}
