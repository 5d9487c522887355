package ojala.core.format;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Random;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** What every format must do, whatever it is. */
public class FormatContractTest {
    @DataProvider
    public Object[][] formats() {
        return Formats.ALL.stream().map(format -> new Object[] {format}).toArray(Object[][]::new);
    }

    @Test(dataProvider = "formats")
    public void itsExampleIsRecognisedAndRead(Format format) throws Exception {
        byte[] example = format.example().getBytes(StandardCharsets.UTF_8);
        assertThat(Formats.recognise(new Head(example))).contains(format);
        assertThat(ReportReader.read(new ByteArrayInputStream(example), 1 << 20).sources())
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
                readOrRefused(java.util.Arrays.copyOf(whole, length));
            }
        }
    }

    @Test(dataProvider = "formats")
    public void anySampleWithBytesChangedIsReadOrRefused(Format format) throws IOException {
        Random random = new Random(20261123);
        for (Path sample : Samples.of(format.name())) {
            byte[] whole = Files.readAllBytes(sample);
            for (int round = 0; round < 3000; round++) {
                byte[] changed = whole.clone();
                for (int change = 0; change < 1 + round % 4; change++) {
                    changed[random.nextInt(changed.length)] = (byte) random.nextInt(256);
                }
                readOrRefused(changed);
            }
        }
    }

    private static void readOrRefused(byte[] bytes) throws IOException {
        try {
            assertThat(ReportReader.read(new ByteArrayInputStream(bytes), 1 << 20))
                    .isNotNull();
        } catch (UnreadableReport refused) {
            assertThat(refused.reason()).isNotBlank();
        }
    }
}
