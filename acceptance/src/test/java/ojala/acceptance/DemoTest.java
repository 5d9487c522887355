package ojala.acceptance;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.concurrent.TimeUnit;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

/** The demonstration, with a history of three commits: interrupted, gone on with, and run once more. */
public class DemoTest {
    private static final String HISTORY = """
            people: { nerea: Nerea of the quay team }
            commits:
              - { at: 2026-10-12T08:00:00Z, by: nerea, says: "Assign berths" }
              - { at: 2026-10-13T08:00:00Z, by: nerea, says: "Test them" }
              - { at: 2026-10-14T08:00:00Z, by: nerea, says: "Test them more" }
            changes:
              - { branch: pilots, by: nerea, at: 2026-10-15T08:00:00Z, says: "Bring pilots in" }
            jobs:
              - { suite: unit, part: quayside, from: 1, tests: quayside/test/, reaches: [quayside] }
            mishaps: []
            """;

    private static final String SOURCE = """
            @@ 1-
            export function fits(length: number): boolean {
              if (length > 90) {
                return false
              }
              return true
            }
            @@ pilots
            export function pilot(hour: number): string {
              return hour < 12 ? 'Amaia' : 'Unai'
            }
            """;

    private static final String TESTS = """
            @@ 1-
            fits(80)
            @@ 2-
            fits(70)
            fits(60)
            @@ 3-
            fits(50)
            fits(100)
            """;

    private ProcessBuilder demo(Path scenario, Path state) {
        House house = House.get();
        ProcessBuilder builder = new ProcessBuilder(
                "java",
                "-jar",
                Server.CHECKOUT.resolve("demo/target/ojala-demo.jar").toString(),
                "--scenario",
                scenario.toString(),
                "--folder",
                state.toString(),
                "--client",
                Server.CHECKOUT.resolve("client/target/ojala-client.jar").toString(),
                "--service",
                house.service().url(),
                "--host",
                house.host().url());
        return builder.redirectErrorStream(true);
    }

    private static void write(Path file, String text) throws IOException {
        Files.createDirectories(file.getParent());
        Files.writeString(file, text);
    }

    @Test
    public void interruptedItGoesOnAndCountsNothingTwice() throws Exception {
        Path folder = Files.createTempDirectory(Server.CHECKOUT.resolve("acceptance/target"), "demo");
        Path scenario = folder.resolve("scenario");
        write(scenario.resolve("history.yaml"), HISTORY);
        write(scenario.resolve("files/quayside/src/berths.ts"), SOURCE);
        write(scenario.resolve("files/quayside/test/berths.test.ts"), TESTS);
        write(scenario.resolve("files/.gitignore"), "@@ 1-\ncoverage/\n");
        write(
                scenario.resolve("files/ojala.yaml"),
                "@@ 1-\nversion: 1\nsources: { include: [\"quayside/src/**\"] }\ngate:\n  change:\n    - lines at least 50 %\n");
        Path state = folder.resolve("state");
        write(state.resolve("administrator-token"), House.ADMINISTRATOR);

        Process interrupted = demo(scenario, state)
                .redirectOutput(folder.resolve("first.log").toFile())
                .start();
        while (interrupted.isAlive() && !Files.exists(state.resolve("sent"))) {
            interrupted.waitFor(20, TimeUnit.MILLISECONDS);
        }
        interrupted.destroyForcibly().onExit().join();
        // a send that was taken in and not written down, as if the end had come between the two
        Files.deleteIfExists(state.resolve("sent"));

        Ran again = Ran.of(folder, Map.of(), demo(scenario, state).command());
        assertThat(again.exit()).as(again.out() + again.err()).isZero();
        assertThat(again.out()).contains("4 deliveries", "1 pull requests are judged");
        JsonNode points = House.get().read("/projects/harbour/trend").path("points");
        assertThat(points).hasSize(3);
        for (JsonNode point : points) {
            String commit = point.at("/commit/commit").asString();
            assertThat(House.get().read("/projects/harbour/commits/" + commit).path("deliveries"))
                    .hasSize(1);
        }
        assertThat(points.get(0).at("/commit/committedAt").asString())
                .as("when it was committed, not when it came")
                .startsWith("2026-10-12");

        Ran third = Ran.of(folder, Map.of(), demo(scenario, state).command());
        assertThat(third.exit()).isZero();
        assertThat(third.out()).contains("all were sent before");
        assertThat(House.get().read("/projects/harbour/changes")).hasSize(1);
    }

    @Test
    public void aCodeHostThatIsDownIsNamed() throws Exception {
        Path state = Files.createTempDirectory(Server.CHECKOUT.resolve("acceptance/target"), "demo");
        write(state.resolve("administrator-token"), House.ADMINISTRATOR);
        List<String> command =
                demo(Server.CHECKOUT.resolve("demo/harbour"), state).command();
        command.set(command.size() - 1, "http://127.0.0.1:" + Server.freePort());
        Ran ran = Ran.of(state, Map.of(), command);
        assertThat(ran.exit()).isEqualTo(2);
        assertThat(ran.err()).contains("the simulated code host does not answer", "Run ./ojala demo again");
    }
}
