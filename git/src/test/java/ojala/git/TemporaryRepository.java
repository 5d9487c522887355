package ojala.git;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;

/** A repository in a temporary folder, worked on with git itself. */
final class TemporaryRepository {
    private final Path folder;

    TemporaryRepository() {
        try {
            folder = Files.createTempDirectory("ojala git ");
        } catch (IOException failure) {
            throw new UncheckedIOException(failure);
        }
        git("init", "-q", "-b", "main");
    }

    Path folder() {
        return folder;
    }

    String git(String... arguments) {
        List<String> command = new ArrayList<>(List.of(
                "git",
                "-c",
                "user.name=Nerea",
                "-c",
                "user.email=nerea@puerto-candela.example",
                "-c",
                "commit.gpgsign=false",
                "-c",
                "protocol.file.allow=always"));
        command.addAll(List.of(arguments));
        try {
            ProcessBuilder builder =
                    new ProcessBuilder(command).directory(folder.toFile()).redirectErrorStream(true);
            builder.environment().put("GIT_CONFIG_GLOBAL", "/dev/null");
            Process process = builder.start();
            String out = new String(process.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
            if (process.waitFor() != 0) {
                throw new AssertionError(command + ": " + out);
            }
            return out.strip();
        } catch (IOException failure) {
            throw new UncheckedIOException(failure);
        } catch (InterruptedException stopped) {
            Thread.currentThread().interrupt();
            throw new AssertionError(stopped);
        }
    }

    TemporaryRepository write(String path, String text) {
        try {
            Files.createDirectories(folder.resolve(path).getParent());
            Files.writeString(folder.resolve(path), text);
        } catch (IOException failure) {
            throw new UncheckedIOException(failure);
        }
        return this;
    }

    String commit(String message) {
        git("add", "-A");
        git("commit", "-q", "--allow-empty", "-m", message);
        return git("rev-parse", "HEAD");
    }

    GitRepository open() {
        return GitRepository.open(folder);
    }
}
