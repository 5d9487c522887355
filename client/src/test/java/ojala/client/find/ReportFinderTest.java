package ojala.client.find;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Set;
import java.util.zip.GZIPOutputStream;
import org.testng.annotations.Test;

/** Reports are found by what is in them. */
public class ReportFinderTest {
    private static final String REPORT = "TN:\nSF:a.js\nDA:1,1\nend_of_record\n";

    private static Path write(Path folder, String path, String text) throws IOException {
        Path file = folder.resolve(path);
        Files.createDirectories(file.getParent());
        return Files.writeString(file, text);
    }

    @Test
    public void whateverTheirNames() throws IOException {
        Path folder = Files.createTempDirectory("reports");
        Path plain = write(folder, "coverage/out.txt", REPORT);
        Path commented = write(folder, "deep/er/x", "# made by a run\n\n" + REPORT);
        write(folder, "lcov.info", "not a report\n");
        write(folder, "node_modules/m/lcov.info", REPORT);
        write(folder, ".git/lcov.info", REPORT);
        write(folder, "empty", "");
        Path fixture = write(folder, "test/fixture.info", REPORT);
        Path packed = folder.resolve("packed.gz");
        try (OutputStream out = new GZIPOutputStream(Files.newOutputStream(packed))) {
            out.write(REPORT.getBytes(StandardCharsets.UTF_8));
        }
        Files.createSymbolicLink(folder.resolve("link"), plain);
        assertThat(new ReportFinder(Set.of(fixture.toAbsolutePath())).below(folder))
                .containsExactlyInAnyOrder(plain, commented, packed);
    }
}
