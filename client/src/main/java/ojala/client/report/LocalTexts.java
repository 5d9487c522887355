package ojala.client.report;

import java.io.IOException;
import java.net.URI;
import java.nio.charset.StandardCharsets;
import java.nio.file.FileSystemNotFoundException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Optional;

/** The texts of sources on this machine, where a report names them by a {@code file:} URL or a path. */
final class LocalTexts {
    private static final long LARGEST = 64 << 20;

    private LocalTexts() {}

    static Optional<String> text(String reportedPath) {
        try {
            Path file = reportedPath.startsWith("file:") ? Path.of(URI.create(reportedPath)) : Path.of(reportedPath);
            return Files.isRegularFile(file) && Files.size(file) <= LARGEST
                    ? Optional.of(new String(Files.readAllBytes(file), StandardCharsets.UTF_8))
                    : Optional.empty();
        } catch (IOException | IllegalArgumentException | FileSystemNotFoundException notAtHand) {
            // a path of another machine, or none at all: the source is then left out and counted
            return Optional.empty();
        }
    }
}
