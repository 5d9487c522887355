package ojala.client.find;

import java.io.BufferedInputStream;
import java.io.IOException;
import java.nio.file.FileVisitResult;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.SimpleFileVisitor;
import java.nio.file.attribute.BasicFileAttributes;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import ojala.core.format.Formats;
import ojala.core.format.Head;
import ojala.core.format.Unpacked;

/**
 * Finds coverage reports below a folder by their content. Files that git tracks are passed over, since a report is made
 * by the run, not kept in the repository; so are {@code .git} and {@code node_modules}.
 */
public final class ReportFinder {
    private static final Set<String> PASSED_OVER = Set.of(".git", "node_modules", ".ojala");

    private final Set<Path> tracked;

    /** @param tracked absolute paths that are no reports */
    public ReportFinder(Set<Path> tracked) {
        this.tracked = Set.copyOf(tracked);
    }

    /** All reports below a folder, by path; links are not followed. */
    public List<Path> below(Path folder) throws IOException {
        List<Path> found = new ArrayList<>();
        Files.walkFileTree(folder, new SimpleFileVisitor<>() {
            @Override
            public FileVisitResult preVisitDirectory(Path directory, BasicFileAttributes attributes) {
                boolean passed = !directory.equals(folder)
                        && PASSED_OVER.contains(directory.getFileName().toString());
                return passed ? FileVisitResult.SKIP_SUBTREE : FileVisitResult.CONTINUE;
            }

            @Override
            public FileVisitResult visitFile(Path file, BasicFileAttributes attributes) {
                if (attributes.isRegularFile()
                        && !tracked.contains(file.toAbsolutePath().normalize())
                        && isReport(file)) {
                    found.add(file);
                }
                return FileVisitResult.CONTINUE;
            }

            @Override
            public FileVisitResult visitFileFailed(Path file, IOException unreadable) {
                return FileVisitResult.CONTINUE;
            }
        });
        found.sort(Path::compareTo);
        return found;
    }

    private static boolean isReport(Path file) {
        try (BufferedInputStream bytes =
                new BufferedInputStream(Unpacked.open(Files.newInputStream(file), Long.MAX_VALUE), 1 << 14)) {
            return Formats.recognise(Head.peek(bytes)).isPresent();
        } catch (IOException unreadable) {
            return false;
        }
    }
}
