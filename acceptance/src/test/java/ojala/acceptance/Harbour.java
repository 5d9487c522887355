package ojala.acceptance;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.URI;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import ojala.wire.Json;

/**
 * A checkout of the harbour's repository on the code host: a small JavaScript module with its tests, run by Node's own
 * test runner.
 */
final class Harbour {
    static final String GATE = "version: 1\ngate:\n  change:\n    - lines at least 80 %\n";

    private static final String MODULE = """
            // Assigns ships to berths, the first that is long enough.
            export function firstFree(berths, ship) {
              for (const berth of berths) {
                if (berth.length >= ship.length) {
                  return berth
                }
              }
              return undefined
            }
            """;

    private static final String TESTS = """
            import test from 'node:test'
            import assert from 'node:assert'
            import { firstFree } from '../src/berths.js'

            test('takes the first berth that is long enough', () => {
              const berths = [{ length: 50 }, { length: 120 }]
              assert.deepEqual(firstFree(berths, { length: 100 }), { length: 120 })
              assert.equal(firstFree([], { length: 1 }), undefined)
            })
            """;

    static final String HAZARD = """

            export function hazardBerth(berths, ship) {
              if (ship.cargo === 'hazard') {
                return berths.find((berth) => berth.outer)
              }
              return firstFree(berths, ship)
            }
            """;

    static final String HAZARD_TEST = """
            import test from 'node:test'
            import assert from 'node:assert'
            import { hazardBerth } from '../src/berths.js'

            test('keeps hazardous cargo outside', () => {
              const berths = [{ length: 50 }, { length: 60, outer: true }]
              assert.equal(hazardBerth(berths, { cargo: 'hazard', length: 10 }), berths[1])
              assert.equal(hazardBerth(berths, { cargo: 'fruit', length: 10 }), berths[0])
            })
            """;

    private final House house;
    private final String key;
    private final String remote;
    private final Path folder;
    private final Client client;

    Harbour(House house, String key, String remote, Path folder, Client client) {
        this.house = house;
        this.key = key;
        this.remote = remote;
        this.folder = folder;
        this.client = client;
    }

    String key() {
        return key;
    }

    String remote() {
        return remote;
    }

    Path folder() {
        return folder;
    }

    Client client() {
        return client;
    }

    House house() {
        return house;
    }

    /** The first commit on main, pushed. */
    Harbour begin(String settings) {
        try {
            Files.createDirectories(folder);
        } catch (IOException failure) {
            throw new UncheckedIOException(failure);
        }
        git("init", "-q", "-b", "main");
        git("remote", "add", "origin", remote);
        write("package.json", "{ \"type\": \"module\" }\n");
        write(".gitignore", "*.info\n*.info.gz\n*.zst\n");
        write("src/berths.js", MODULE);
        write("test/berths.test.js", TESTS);
        if (!settings.isEmpty()) {
            write("ojala.yaml", settings);
        }
        commit("Assign ships to berths");
        push("main");
        return this;
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
                "advice.detachedHead=false"));
        command.addAll(List.of(arguments));
        return Ran.of(folder, Map.of("GIT_CONFIG_GLOBAL", "/dev/null", "GIT_CONFIG_SYSTEM", "/dev/null"), command)
                .ok()
                .strip();
    }

    void write(String path, String text) {
        try {
            Path file = folder.resolve(path);
            Files.createDirectories(file.getParent());
            Files.writeString(file, text);
        } catch (IOException failure) {
            throw new UncheckedIOException(failure);
        }
    }

    void append(String path, String text) {
        try {
            Files.writeString(folder.resolve(path), text, StandardOpenOption.APPEND);
        } catch (IOException failure) {
            throw new UncheckedIOException(failure);
        }
    }

    String commit(String message) {
        git("add", "-A");
        git("commit", "-q", "-m", message);
        return git("rev-parse", "HEAD");
    }

    void push(String branch) {
        git("push", "-q", "--force", "origin", "HEAD:refs/heads/" + branch);
    }

    /** Runs the tests with Node's own coverage; the report is written whether they pass or not. */
    void test(String report) {
        Ran.of(
                folder,
                Map.of(),
                List.of(
                        "node",
                        "--test",
                        "--experimental-test-coverage",
                        "--test-reporter=lcov",
                        "--test-reporter-destination=" + report));
    }

    /** Runs the tests and delivers what they wrote. */
    Ran testAndSend(String... arguments) {
        test("lcov.info");
        return send(arguments);
    }

    Ran send(String... arguments) {
        List<String> all = new ArrayList<>(List.of("send", "--suite", "unit"));
        all.addAll(List.of(arguments));
        return client.run(folder, all.toArray(String[]::new));
    }

    Client.Judged verdict(String... arguments) {
        return client.verdict(folder, arguments);
    }

    int openPullRequest(String title, String source, String target) {
        return house.post(
                        house.host().url() + "/repositories/" + key + "/pull-requests",
                        Json.write(Map.of("title", title, "source", source, "target", target)))
                .path("number")
                .asInt();
    }

    HttpResponse<String> merge(int number, String method) {
        return house.send(HttpRequest.newBuilder(
                        URI.create(house.host().url() + "/repositories/" + key + "/pull-requests/" + number + "/merge"))
                .header("Content-Type", "application/json")
                .POST(HttpRequest.BodyPublishers.ofString(Json.write(Map.of("method", method)))));
    }

    /** What the code host's required check says of a commit; empty if nothing was published. */
    String published(String head) {
        String body = house.send(HttpRequest.newBuilder(URI.create(house.host().url() + "/repositories/" + key)))
                .body();
        for (var check : Json.mapper().readTree(body).path("checks")) {
            if (check.path("commit").asString().equals(head)
                    && !check.path("target").asString().isEmpty()) {
                return check.path("verdict").asString();
            }
        }
        return "";
    }
}
