package ojala.core.format;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.Arrays;
import java.util.List;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** What every format must do, whatever it is. */
public class FormatContractTest {
    private static final int FUZZED_INPUTS = Integer.getInteger("ojala.fuzz.inputs", 1500);
    private static final int FUZZED_SECONDS = Integer.getInteger("ojala.fuzz.seconds", 5);

    @DataProvider
    public Object[][] formats() {
        return Formats.ALL.stream().map(format -> new Object[] {format}).toArray(Object[][]::new);
    }

    @Test(dataProvider = "formats")
    public void itsExampleIsRecognisedAndRead(Format format) throws Exception {
        byte[] example = format.example().getBytes(StandardCharsets.UTF_8);
        assertThat(Formats.recognise(new Head(example))).contains(format);
        assertThat(ReportReader.read(new ByteArrayInputStream(example), 1 << 20, Fuzzer.ORIGIN)
                        .sources())
                .isNotEmpty();
        assertThat(Formats.named(format.name())).contains(format);
    }

    @Test(dataProvider = "formats")
    public void itsSamplesAreRecognisedByItAlone(Format format) throws IOException {
        assertThat(Samples.of(format.name())).isNotEmpty();
        for (Path sample : Samples.of(format.name())) {
            Head head = new Head(Files.readAllBytes(sample));
            assertThat(Formats.ALL)
                    .filteredOn(one -> one.recognises(head))
                    .as(sample.toString())
                    .containsExactly(format);
        }
    }

    @Test(dataProvider = "formats")
    public void anySampleCutAnywhereIsReadOrRefused(Format format) throws IOException {
        for (Path sample : Samples.of(format.name())) {
            byte[] whole = Files.readAllBytes(sample);
            for (int length = 0; length <= whole.length; length++) {
                Fuzzer.readOrRefused(Arrays.copyOf(whole, length));
            }
        }
    }

    @Test(dataProvider = "formats")
    public void whatWasMadeOfItsSamplesIsReadOrRefused(Format format) throws IOException {
        new Fuzzer(format, 20261123).run(Duration.ofSeconds(FUZZED_SECONDS), FUZZED_INPUTS);
    }

    /** The beginning says which format; here the rest is told to be of each of the others. */
    @Test(dataProvider = "formats")
    public void asAnotherFormatItIsReadOrRefusedUnderThatName(Format format) throws IOException {
        for (Path sample : Samples.of(format.name())) {
            byte[] whole = Files.readAllBytes(sample);
            for (Format wrong : Formats.ALL) {
                try {
                    ReportReader.readAs(wrong, new ByteArrayInputStream(whole), 1 << 20, Fuzzer.ORIGIN);
                } catch (UnreadableReport refused) {
                    assertThat(refused.format()).isEqualTo(wrong.name());
                    assertThat(refused.place())
                            .as(wrong.name() + ": " + refused.reason())
                            .isNotBlank();
                    assertThat(wrong).as("its own samples are read").isNotEqualTo(format);
                }
            }
        }
    }

    @Test(dataProvider = "formats")
    public void inAnotherEncodingItIsReadAlikeOrRefused(Format format) throws IOException {
        for (Path sample : Samples.of(format.name())) {
            if (sample.toString().contains("utf16")) {
                continue;
            }
            String text = Files.readString(sample);
            for (Charset encoding : List.of(StandardCharsets.UTF_16LE, StandardCharsets.UTF_16BE)) {
                Fuzzer.readOrRefused(("\uFEFF" + text).getBytes(encoding));
            }
            Fuzzer.readOrRefused(("ñ" + text).getBytes(StandardCharsets.ISO_8859_1));
            Fuzzer.readOrRefused(("\uFEFF" + text).getBytes(StandardCharsets.UTF_8));
        }
    }
}
