package ojala.client.command;

import java.io.IOException;
import java.net.URI;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Optional;
import ojala.client.Failure;
import ojala.client.http.Service;
import ojala.wire.TokenDocument;
import org.jspecify.annotations.Nullable;
import picocli.CommandLine.Option;

/** How a command finds the service and its project. A token is never an argument: others could read it there. */
final class ServiceOptions {
    @Option(
            names = "--url",
            paramLabel = "URL",
            description = "where the service is; else OJALA_URL, else http://127.0.0.1:7410")
    @Nullable
    String url;

    @Option(names = "--token-file", paramLabel = "FILE", description = "a file that holds the token; else OJALA_TOKEN")
    @Nullable
    Path tokenFile;

    @Option(
            names = "--project",
            paramLabel = "KEY",
            description = "the project; else OJALA_PROJECT, else the delivery token's own")
    @Nullable
    String project;

    Service service() {
        String where = Optional.ofNullable(url)
                .or(() -> Optional.ofNullable(System.getenv("OJALA_URL")))
                .filter(text -> !text.isBlank())
                .orElse("http://127.0.0.1:7410");
        if (!where.matches("https?://[^\\s]+")) {
            throw Failure.usage("“" + where + "” is no address of a service: it begins with http:// or https://");
        }
        try {
            return new Service(URI.create(where.replaceFirst("/+$", "")), token());
        } catch (IllegalArgumentException wrong) {
            throw Failure.usage("“" + where + "” is no address of a service: " + wrong.getMessage());
        }
    }

    private Optional<String> token() {
        if (tokenFile == null) {
            return Optional.ofNullable(System.getenv("OJALA_TOKEN")).filter(text -> !text.isBlank());
        }
        try {
            return Optional.of(Files.readString(tokenFile).strip());
        } catch (IOException unreadable) {
            throw Failure.usage("the token file " + tokenFile + " can't be read: " + unreadable.getMessage());
        }
    }

    /** The project's key: as said, from the environment, or the one that the token is for. */
    String project(Service service) {
        return Optional.ofNullable(project)
                .or(() -> Optional.ofNullable(System.getenv("OJALA_PROJECT")).filter(text -> !text.isBlank()))
                .or(() -> Optional.ofNullable(service.ownToken()).map(TokenDocument::project))
                .orElseThrow(() -> Failure.usage(
                        "which project? Name it with --project or OJALA_PROJECT; only a delivery token knows its own"));
    }
}
