package ojala.demo.run;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.SortedMap;
import java.util.function.IntConsumer;
import java.util.stream.Stream;
import ojala.demo.history.HarbourFiles;
import ojala.demo.history.History;
import ojala.demo.history.Stage;

/** The harbour's checkout, with its whole history. The same history always gets the same commit ids. */
public final class WorkTree {
    private final Path folder;
    private final History history;
    private final HarbourFiles files;

    public WorkTree(Path folder, History history, HarbourFiles files) {
        this.folder = folder;
        this.history = history;
        this.files = files;
    }

    public Path folder() {
        return folder;
    }

    /**
     * Makes the history anew; a half-made one is thrown away. Does nothing if it is complete.
     *
     * @param made is told the number of commits made so far
     */
    public void build(IntConsumer made) {
        Path complete = folder.resolve(".git/ojala-complete");
        if (Files.exists(complete)) {
            return;
        }
        delete(folder);
        write("", "");
        git("init", "-q", "-b", "main");
        for (int i = 1; i <= history.commits().size(); i++) {
            History.Commit commit = history.commits().get(i - 1);
            fill(Stage.main(i));
            commit(commit.by(), commit.at(), commit.says());
            git("tag", "-f", tag(Stage.main(i)));
            made.accept(i);
        }
        for (History.Change change : history.changes()) {
            git("checkout", "-q", "-b", change.branch(), "main");
            fill(history.stage(change));
            commit(change.by(), change.at(), change.says());
            git("tag", "-f", tag(history.stage(change)));
        }
        git("checkout", "-q", "main");
        write(".git/ojala-complete", "");
    }

    private static String tag(Stage stage) {
        return "stage-" + stage.name();
    }

    /** The id of a stage's commit. */
    public String commit(Stage stage) {
        return git("rev-parse", tag(stage) + "^{commit}").strip();
    }

    /** Checks a stage out. */
    public void checkOut(Stage stage) {
        git("checkout", "-q", "--detach", tag(stage));
    }

    /** Checks the main line out, as a person would leave it. */
    public void checkOutMain() {
        git("checkout", "-q", "main");
    }

    /** Pushes all branches. */
    public void push(String remote) {
        git("push", "-q", "-f", remote, "refs/heads/*:refs/heads/*");
    }

    private void fill(Stage stage) {
        SortedMap<String, String> texts = files.at(stage);
        for (String tracked : git("ls-files").lines().toList()) {
            if (!texts.containsKey(tracked)) {
                git("rm", "-q", tracked);
            }
        }
        texts.forEach(this::write);
        git("add", "-A");
    }

    private void commit(String by, Instant at, String says) {
        Map<String, String> who = new HashMap<>(environment());
        for (String role : List.of("AUTHOR", "COMMITTER")) {
            who.put("GIT_" + role + "_NAME", history.people().get(by));
            who.put("GIT_" + role + "_EMAIL", by + "@puerto-candela.example");
            who.put("GIT_" + role + "_DATE", at.toString());
        }
        new Shell(folder, who)
                .run(List.of("git", "-c", "commit.gpgsign=false", "commit", "-q", "--allow-empty", "-m", says))
                .expect("git commit", List.of(0));
    }

    /** Nothing of this machine's or this person's git settings. */
    private static Map<String, String> environment() {
        return Map.of("GIT_CONFIG_GLOBAL", "/dev/null", "GIT_CONFIG_NOSYSTEM", "1", "GIT_TERMINAL_PROMPT", "0");
    }

    private String git(String... arguments) {
        List<String> command = new ArrayList<>(List.of("git"));
        command.addAll(List.of(arguments));
        return new Shell(folder, environment())
                .run(command)
                .expect("git " + arguments[0], List.of(0))
                .output();
    }

    /** Writes a file of the checkout; with an empty path only makes its folder. */
    public void write(String path, String text) {
        try {
            Path file = folder.resolve(path);
            Files.createDirectories(path.isEmpty() ? folder : file.getParent());
            if (!path.isEmpty()) {
                Files.writeString(file, text);
            }
        } catch (IOException failure) {
            throw new UncheckedIOException(failure);
        }
    }

    private static void delete(Path folder) {
        if (!Files.exists(folder)) {
            return;
        }
        try (Stream<Path> all = Files.walk(folder)) {
            for (Path one : all.sorted(Comparator.reverseOrder()).toList()) {
                Files.delete(one);
            }
        } catch (IOException failure) {
            throw new UncheckedIOException(failure);
        }
    }
}
