package ojala.acceptance;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.concurrent.TimeUnit;

/** A process that ran to its end. */
record Ran(int exit, String out, String err) {
    private static final int PATIENCE_SECONDS = 300;

    /** Runs a command; its output goes over files, so that no pipe can fill up. */
    static Ran of(Path folder, Map<String, String> environment, List<String> command) {
        try {
            Path out = Files.createTempFile("ojala", ".out");
            Path err = Files.createTempFile("ojala", ".err");
            ProcessBuilder builder = new ProcessBuilder(command)
                    .directory(folder.toFile())
                    .redirectOutput(out.toFile())
                    .redirectError(err.toFile());
            builder.environment()
                    .keySet()
                    .removeIf(name -> name.startsWith("OJALA_") || name.startsWith("GITHUB_") || name.equals("CI"));
            builder.environment().putAll(environment);
            Process process = builder.start();
            process.getOutputStream().close();
            if (!process.waitFor(PATIENCE_SECONDS, TimeUnit.SECONDS)) {
                process.destroyForcibly();
                throw new AssertionError(command + " does not end");
            }
            Ran ran = new Ran(
                    process.exitValue(),
                    Files.readString(out, StandardCharsets.UTF_8),
                    Files.readString(err, StandardCharsets.UTF_8));
            Files.delete(out);
            Files.delete(err);
            return ran;
        } catch (IOException failure) {
            throw new UncheckedIOException(failure);
        } catch (InterruptedException stopped) {
            Thread.currentThread().interrupt();
            throw new AssertionError(stopped);
        }
    }

    /** The output of a command that must succeed. */
    String ok() {
        if (exit != 0) {
            throw new AssertionError("ended with " + exit + "\n" + out + err);
        }
        return out;
    }
}
