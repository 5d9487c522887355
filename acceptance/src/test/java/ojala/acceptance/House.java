package ojala.acceptance;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.concurrent.atomic.AtomicInteger;
import ojala.wire.Json;
import ojala.wire.ProjectCreated;
import tools.jackson.databind.JsonNode;

/**
 * The whole house for the tests: a private PostgreSQL, the service and the simulated code host, started once and
 * stopped at the end.
 */
final class House {
    static final String ADMINISTRATOR = "administrator-token-of-the-tests";
    static final String SECRET = "a-secret-shared-with-the-code-host";

    private static House house;

    private final HttpClient http = HttpClient.newHttpClient();
    private final Path folder = Server.CHECKOUT.resolve(
            "acceptance/target/house-" + ProcessHandle.current().pid());
    private final int databasePort = Server.freePort();
    private final Server service;
    private final Server host;
    private final AtomicInteger projects = new AtomicInteger();

    private House() throws IOException {
        Files.createDirectories(folder);
        Files.writeString(folder.resolve("password"), "only-for-the-tests");
        startDatabase();
        int port = Server.freePort();
        service = new Server(
                "server/target/ojala-server.jar",
                Map.of(
                        "OJALA_PORT",
                        String.valueOf(port),
                        "OJALA_DATABASE_URL",
                        "jdbc:postgresql://127.0.0.1:" + databasePort + "/ojala",
                        "OJALA_DATABASE_PASSWORD",
                        "only-for-the-tests",
                        "OJALA_ADMINISTRATOR_TOKEN",
                        ADMINISTRATOR,
                        "OJALA_OPEN_READING",
                        "true",
                        "OJALA_MIRRORS",
                        folder.resolve("mirrors").toString(),
                        "OJALA_GIT_PATIENCE",
                        "6s",
                        "OJALA_GIT_RETRY",
                        "1s",
                        "OJALA_LIMIT_REPORT",
                        "20MB"),
                port,
                "/actuator/health/readiness",
                folder.resolve("service.log"));
        int hostPort = Server.freePort();
        host = new Server(
                "codehost-sim/target/codehost-sim.jar",
                Map.of(
                        "CODEHOST_PORT",
                        String.valueOf(hostPort),
                        "CODEHOST_FOLDER",
                        folder.resolve("host").toString()),
                hostPort,
                "/",
                folder.resolve("host.log"));
        service.start();
        host.start();
    }

    static synchronized House get() {
        if (house == null) {
            try {
                house = new House();
            } catch (IOException failure) {
                throw new UncheckedIOException(failure);
            }
            Runtime.getRuntime().addShutdownHook(new Thread(house::stop));
        }
        return house;
    }

    private void stop() {
        service.stop();
        host.stop();
        postgres("stop", folder.toString());
    }

    private void startDatabase() {
        postgres(
                "start",
                folder.toString(),
                String.valueOf(databasePort),
                folder.resolve("password").toString());
    }

    private void postgres(String... arguments) {
        List<String> command = new ArrayList<>(
                List.of("bash", Server.CHECKOUT.resolve("scripts/postgres.sh").toString()));
        command.addAll(List.of(arguments));
        Ran.of(Server.CHECKOUT, Map.of(), command).ok();
    }

    Server service() {
        return service;
    }

    Server host() {
        return host;
    }

    /** Ends PostgreSQL as a power failure would, and starts it again. */
    void crashDatabase() {
        postgres("kill", folder.toString());
        startDatabase();
    }

    /** A new project whose repository lies on the code host; each test has its own. */
    Harbour harbour() {
        String key = "harbour-" + projects.incrementAndGet();
        post(
                host.url() + "/repositories",
                Json.write(
                        Map.of("name", key, "ojala", Map.of("url", service.url(), "project", key, "secret", SECRET))));
        String repository = host.url() + "/git/" + key + ".git";
        Client administrator = new Client(service.url(), ADMINISTRATOR);
        String created = administrator
                .with("OJALA_CODE_HOST_SECRET", SECRET)
                .run(
                        folder,
                        "project",
                        "add",
                        key,
                        "--repository",
                        repository,
                        "--code-host",
                        host.url() + "/repositories/" + key,
                        "--json")
                .ok();
        String token = Json.read(created, ProjectCreated.class).token().secret();
        return new Harbour(this, key, repository, folder.resolve(key), new Client(service.url(), token));
    }

    /** Posts JSON that must be taken. */
    JsonNode post(String url, String json) {
        HttpResponse<String> response = send(HttpRequest.newBuilder(URI.create(url))
                .header("Content-Type", "application/json")
                .POST(HttpRequest.BodyPublishers.ofString(json)));
        if (response.statusCode() / 100 != 2) {
            throw new AssertionError(url + " answers " + response.statusCode() + ": " + response.body());
        }
        return Json.mapper().readTree(response.body());
    }

    HttpResponse<String> send(HttpRequest.Builder request) {
        try {
            return http.send(request.build(), HttpResponse.BodyHandlers.ofString());
        } catch (IOException failure) {
            throw new UncheckedIOException(failure);
        } catch (InterruptedException stopped) {
            Thread.currentThread().interrupt();
            throw new AssertionError(stopped);
        }
    }

    /** Reads a JSON resource of the service. */
    JsonNode read(String path) {
        HttpResponse<String> response = send(HttpRequest.newBuilder(URI.create(service.url() + "/api/v1" + path)));
        if (response.statusCode() != 200) {
            throw new AssertionError(path + " answers " + response.statusCode() + ": " + response.body());
        }
        return Json.mapper().readTree(response.body());
    }
}
