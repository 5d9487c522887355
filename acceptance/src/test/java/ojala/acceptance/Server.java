package ojala.acceptance;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.ServerSocket;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.awaitility.Awaitility;

/** A server process of the project, on a free port of 127.0.0.1; ended by its handle. */
final class Server {
    static final Path CHECKOUT = Path.of(System.getProperty("ojala.checkout"));

    private static final HttpClient HTTP = HttpClient.newHttpClient();

    private final Path jar;
    private final Map<String, String> environment;
    private final String readyPath;
    private final Path log;
    private final int port;
    private Process process;

    Server(String jar, Map<String, String> environment, int port, String readyPath, Path log) {
        this.jar = CHECKOUT.resolve(jar);
        this.environment = environment;
        this.port = port;
        this.readyPath = readyPath;
        this.log = log;
    }

    static int freePort() {
        try (ServerSocket socket = new ServerSocket(0)) {
            return socket.getLocalPort();
        } catch (IOException failure) {
            throw new UncheckedIOException(failure);
        }
    }

    String url() {
        return "http://127.0.0.1:" + port;
    }

    void start() {
        List<String> command = new ArrayList<>(List.of("java", "-XX:+UseSerialGC", "-Xmx700m", "-jar", jar.toString()));
        ProcessBuilder builder = new ProcessBuilder(command)
                .redirectErrorStream(true)
                .redirectOutput(ProcessBuilder.Redirect.appendTo(log.toFile()));
        builder.environment().putAll(environment);
        try {
            process = builder.start();
        } catch (IOException failure) {
            throw new UncheckedIOException(failure);
        }
        Awaitility.await("ready at " + url() + ", see " + log)
                .atMost(Duration.ofSeconds(90))
                .pollInterval(Duration.ofMillis(200))
                .until(() -> !process.isAlive() || ready());
        if (!process.isAlive()) {
            throw new AssertionError(jar + " ended: " + tail());
        }
    }

    private boolean ready() {
        try {
            HttpRequest request =
                    HttpRequest.newBuilder(URI.create(url() + readyPath)).build();
            return HTTP.send(request, HttpResponse.BodyHandlers.discarding()).statusCode() == 200;
        } catch (IOException notYet) {
            return false;
        } catch (InterruptedException stopped) {
            Thread.currentThread().interrupt();
            return false;
        }
    }

    private String tail() {
        try {
            List<String> lines = Files.readAllLines(log);
            return String.join("\n", lines.subList(Math.max(0, lines.size() - 20), lines.size()));
        } catch (IOException failure) {
            throw new UncheckedIOException(failure);
        }
    }

    /** Ends it as a crash would. */
    void kill() {
        process.destroyForcibly().onExit().join();
    }

    void stop() {
        if (process != null) {
            process.destroy();
            process.onExit().join();
        }
    }
}
