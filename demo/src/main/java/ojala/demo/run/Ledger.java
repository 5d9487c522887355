package ojala.demo.run;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;

/**
 * What was sent already. It only saves time: what was sent and is not in it is sent again, under the same key, and the
 * service does not count it twice.
 */
public final class Ledger {
    private final Path file;
    private final Set<String> lines = ConcurrentHashMap.newKeySet();

    public Ledger(Path file) {
        this.file = file;
        try {
            if (Files.exists(file)) {
                lines.addAll(Files.readAllLines(file));
            }
        } catch (IOException failure) {
            throw new UncheckedIOException(failure);
        }
    }

    boolean has(String line) {
        return lines.contains(line);
    }

    synchronized void add(String line) {
        try {
            Files.writeString(file, line + "\n", StandardOpenOption.CREATE, StandardOpenOption.APPEND);
            lines.add(line);
        } catch (IOException failure) {
            throw new UncheckedIOException(failure);
        }
    }
}
