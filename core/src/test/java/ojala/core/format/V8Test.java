package ojala.core.format;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.ByteArrayInputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.util.Optional;
import org.testng.annotations.Test;

/** What trips readers of V8 coverage. */
public class V8Test {
    private static final String TIDES = "file:///ci/harbour/quayside/src/tides.js";

    /** The text that the sample's offsets are of. */
    private static final String TEXT = """
            // how the tide turns
            var ñ
            function rise(level) {
              /* the moon
                 decides */
              if (level > 9) {
                return 1;
              }
            }

            const fall = (x) => { return x * 2 }
            rise(1); rise(2);
            """;

    private static Report read(String text) throws Exception {
        byte[] sample = Files.readAllBytes(Samples.of("v8").get(0));
        return ReportReader.read(
                new ByteArrayInputStream(sample),
                1 << 20,
                new Origin("x", path -> path.equals(TIDES) ? Optional.of(text) : Optional.empty()));
    }

    private static Report read(String text, String... ranges) throws Exception {
        StringBuilder functions = new StringBuilder();
        for (String range : ranges) {
            String[] parts = range.split(" ");
            functions
                    .append(functions.length() == 0 ? "" : ",")
                    .append("{\"functionName\":\"f\",\"ranges\":[{\"startOffset\":%s,\"endOffset\":%s,\"count\":%s}]}"
                            .formatted((Object[]) parts));
        }
        String report =
                "{\"result\":[{\"scriptId\":\"1\",\"url\":\"" + TIDES + "\",\"functions\":[" + functions + "]}]}";
        return ReportReader.read(
                new ByteArrayInputStream(report.getBytes(StandardCharsets.UTF_8)),
                1 << 20,
                new Origin("x", path -> Optional.of(text)));
    }

    @Test
    public void theInnermostRangeCounts() throws Exception {
        Measured script = Measured.of(read("a\nb\nc\nd\n", "0 8 1", "2 6 5", "4 5 0"), TIDES);
        assertThat(script.hits(1)).isEqualTo(1);
        assertThat(script.hits(2)).isEqualTo(5);
        assertThat(script.hits(3)).isZero();
        assertThat(script.hits(4)).isEqualTo(1);
    }

    @Test
    public void offsetsAreUtf16CodeUnits() throws Exception {
        Measured script = Measured.of(read("\"\uD83D\uDEA2\"\nb\n", "0 7 1", "5 6 0"), TIDES);
        assertThat(script.missed()).isEqualTo("2");
    }

    @Test
    public void blankLinesAndCommentsAreNoCode() throws Exception {
        Measured script = Measured.of(read("#!x\n\n// a\n/* b\n c */\n/* d */ e()\nf() // g\n", "0 40 1"), TIDES);
        assertThat(script.covered()).isEqualTo("6-7");
    }

    @Test
    public void aLineOfWhichAPartDidNotRunIsPartial() throws Exception {
        Measured script = Measured.of(read("if (x) y()\n", "0 11 3", "7 10 0"), TIDES);
        assertThat(script.state(1)).isEqualTo("PARTIAL");
        assertThat(script.hits(1)).isEqualTo(3);
        assertThat(script.functions()).contains("f@1:8-1 missed 0");
    }

    @Test
    public void scriptsOfTheEngineAndWithoutATextAreLeftOutAndCounted() throws Exception {
        assertThat(read(TEXT).skipped())
                .containsEntry("scripts of the engine itself", 1L)
                .containsEntry("scripts whose text is not at hand", 1L);
    }

    @Test
    public void offsetsPastTheTextMeanAnotherText() throws Exception {
        Report report = read("short");
        assertThat(report.sources()).isEmpty();
        assertThat(report.notes()).extracting(Note::kind).containsExactly(NoteKind.OTHER_SOURCE);
    }

    @Test
    public void aRangeThatEndsBeforeItBeginsIsRefused() {
        assertThatThrownBy(() -> read("abc", "5 2 1"))
                .isInstanceOfSatisfying(
                        UnreadableReport.class,
                        refused -> assertThat(refused.format()).isEqualTo("v8"));
    }
}
