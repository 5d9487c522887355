package ojala.demo.run;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;

/** Runs a program in a folder, with no more of this process's environment than it needs. */
final class Shell {
    private final Path folder;
    private final Map<String, String> environment;

    Shell(Path folder, Map<String, String> environment) {
        this.folder = folder;
        this.environment = environment;
    }

    /** What a program printed and how it ended. */
    record Ran(int code, String output) {
        Ran expect(String what, List<Integer> codes) {
            if (!codes.contains(code)) {
                throw new Trouble(what + " ended with " + code + ": " + output.strip());
            }
            return this;
        }
    }

    Ran run(List<String> command) {
        try {
            ProcessBuilder builder =
                    new ProcessBuilder(command).directory(folder.toFile()).redirectErrorStream(true);
            Map<String, String> own = builder.environment();
            own.keySet().retainAll(List.of("PATH", "LANG", "JAVA_HOME", "TMPDIR"));
            own.putAll(environment);
            Process process = builder.start();
            process.getOutputStream().close();
            String output = new String(process.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
            return new Ran(process.waitFor(), output);
        } catch (IOException failure) {
            throw new UncheckedIOException(command.get(0) + " can't be run in " + folder, failure);
        } catch (InterruptedException stopped) {
            Thread.currentThread().interrupt();
            throw new Trouble("stopped while " + command.get(0) + " ran");
        }
    }
}
