package ojala.acceptance;

import static org.assertj.core.api.Assertions.assertThat;
import static org.awaitility.Awaitility.await;

import java.net.URI;
import java.net.http.HttpRequest;
import java.time.Duration;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

/** What was acknowledged is never lost and counts once, whatever is killed. Runs alone: it takes the house down. */
@Test(groups = "crash")
public class CrashTest {
    private static Harbour failing() {
        Harbour harbour = House.get().harbour().begin(Harbour.GATE);
        harbour.git("checkout", "-q", "-b", "feature/hazard");
        harbour.append("src/berths.js", Harbour.HAZARD);
        harbour.commit("Keep hazardous cargo outside");
        harbour.push("feature/hazard");
        harbour.openPullRequest("Berths for hazardous cargo", "feature/hazard", "main");
        harbour.test("lcov.info");
        return harbour;
    }

    private static void judgedOnce(Harbour harbour) {
        Client.Judged judged = harbour.verdict();
        assertThat(judged.document().verdict()).isEqualTo("fail");
        assertThat(judged.document().rules().get(0).found().total()).isEqualTo(7);
        String head = harbour.git("rev-parse", "HEAD");
        await().atMost(Duration.ofSeconds(60))
                .untilAsserted(() -> assertThat(harbour.published(head)).isEqualTo("fail"));
        long number = judged.document().number();
        String verdicts = "/projects/" + harbour.key() + "/commits/" + head + "/verdicts";
        await().during(Duration.ofSeconds(3))
                .atMost(Duration.ofSeconds(10))
                .until(() -> numberForMain(harbour.house().read(verdicts)) == number);
    }

    private static long numberForMain(JsonNode verdicts) {
        for (JsonNode verdict : verdicts) {
            if (verdict.path("target").asString().equals("main")) {
                return verdict.path("number").asLong();
            }
        }
        return 0;
    }

    @Test
    public void theServiceIsKilledAfterTheReceipt() {
        Harbour harbour = failing();
        assertThat(harbour.send("--wait", "0").exit()).isZero();
        harbour.house().service().kill();
        harbour.house().service().start();
        judgedOnce(harbour);
    }

    @Test
    public void postgresIsKilledInTheMiddleOfAJob() {
        Harbour harbour = failing();
        assertThat(harbour.send("--wait", "0").exit()).isZero();
        harbour.house().crashDatabase();
        judgedOnce(harbour);
    }

    @Test
    public void theCodeHostIsDownWhenTheVerdictComes() {
        Harbour harbour = failing();
        harbour.send().ok();
        Client.Judged before = harbour.verdict();
        harbour.house().host().kill();
        harbour.write("test/hazard.test.js", Harbour.HAZARD_TEST);
        harbour.test("lcov.info");
        harbour.send().ok();
        assertThat(harbour.verdict().document().verdict()).isEqualTo("pass");
        harbour.house().host().start();
        String head = harbour.git("rev-parse", "HEAD");
        await().atMost(Duration.ofSeconds(60))
                .untilAsserted(() -> assertThat(harbour.published(head)).isEqualTo("pass"));
        assertThat(before.document().verdict()).isEqualTo("fail");
    }

    @Test
    public void aRepeatedDeliveryIsAnsweredWithTheFirstReceipt() {
        Harbour harbour = failing();
        String body = "--x\r\nContent-Disposition: form-data; name=\"manifest\"\r\n\r\n" + manifest(harbour)
                + "\r\n--x--\r\n";
        String first = deliver(harbour, body);
        assertThat(deliver(harbour, body)).isEqualTo(first);
    }

    private static String manifest(Harbour harbour) {
        String head = harbour.git("rev-parse", "HEAD");
        return "{\"measured\":{\"id\":\"" + head + "\",\"tree\":\"" + harbour.git("rev-parse", "HEAD^{tree}")
                + "\",\"parents\":[]},\"head\":\"" + head
                + "\",\"build\":\"1\",\"attempt\":1,\"suite\":\"unit\",\"part\":\"\"}";
    }

    private static String deliver(Harbour harbour, String body) {
        String answer = harbour.house()
                .send(HttpRequest.newBuilder(URI.create(
                                harbour.house().service().url() + "/api/v1/projects/" + harbour.key() + "/deliveries"))
                        .header(
                                "Authorization",
                                "Bearer " + harbour.client().environment().get("OJALA_TOKEN"))
                        .header("Content-Type", "multipart/form-data; boundary=x")
                        .header("Idempotency-Key", "the same")
                        .POST(HttpRequest.BodyPublishers.ofString(body)))
                .body();
        return ojala.wire.Json.mapper().readTree(answer).path("id").asString();
    }
}
