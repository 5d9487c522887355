package ojala.demo.history;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.SortedMap;
import java.util.TreeMap;
import java.util.stream.Stream;

/** The harbour's files at every stage of its history. */
public final class HarbourFiles {
    private final SortedMap<String, Chronicle> chronicles = new TreeMap<>();
    private final History history;

    public HarbourFiles(Path folder, History history) {
        this.history = history;
        try (Stream<Path> files = Files.walk(folder)) {
            for (Path file : files.filter(Files::isRegularFile).toList()) {
                String path = folder.relativize(file).toString().replace('\\', '/');
                chronicles.put(path, Chronicle.read(path, Files.readAllLines(file)));
            }
        } catch (IOException unreadable) {
            throw new UncheckedIOException("the harbour's files can't be read from " + folder, unreadable);
        }
    }

    /** The text of each file, by path. */
    public SortedMap<String, String> at(Stage stage) {
        SortedMap<String, String> texts = new TreeMap<>();
        chronicles.forEach((path, chronicle) -> chronicle.at(stage).ifPresent(text -> texts.put(path, text)));
        changes(stage).forEach(change -> move(texts, change));
        return texts;
    }

    private List<History.Change> changes(Stage stage) {
        return history.changes().stream()
                .filter(change -> stage.branch().filter(change.branch()::equals).isPresent())
                .toList();
    }

    private static void move(SortedMap<String, String> texts, History.Change change) {
        if (change.moves() == null) {
            return;
        }
        change.moves().forEach((from, to) -> {
            String text = texts.remove(from);
            if (text == null) {
                throw new IllegalArgumentException(change.branch() + " moves " + from + ", which is not there");
            }
            for (Map.Entry<String, String> replace :
                    (change.replaces() == null ? Map.<String, String>of() : change.replaces()).entrySet()) {
                text = text.replace(replace.getKey(), replace.getValue());
            }
            texts.put(to, text);
        });
    }
}
