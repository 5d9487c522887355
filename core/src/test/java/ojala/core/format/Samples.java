package ojala.core.format;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.net.URISyntaxException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Objects;
import java.util.stream.Stream;

/** The sample files of the formats: a folder per format. */
final class Samples {
    private Samples() {}

    static Report read(String sample) throws IOException, UnreadableReport {
        try (InputStream in = Samples.class.getResourceAsStream("/samples/" + sample)) {
            return ReportReader.read(Objects.requireNonNull(in, sample), 1 << 20);
        }
    }

    /** Reads a report that is given as text. */
    static Report text(String text) throws IOException, UnreadableReport {
        return ReportReader.read(new ByteArrayInputStream(text.getBytes(StandardCharsets.UTF_8)), 1 << 24);
    }

    /** All samples of a format. */
    static List<Path> of(String format) {
        try (Stream<Path> files =
                Files.list(Path.of(Objects.requireNonNull(Samples.class.getResource("/samples/" + format))
                        .toURI()))) {
            return files.sorted().toList();
        } catch (IOException failure) {
            throw new UncheckedIOException(failure);
        } catch (URISyntaxException impossible) {
            throw new IllegalStateException(impossible);
        }
    }
}
