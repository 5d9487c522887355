package ojala.acceptance;

import static org.assertj.core.api.Assertions.assertThat;

import java.net.URI;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import ojala.wire.Json;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

/**
 * Who may call what, and how a refusal looks. The service of the tests lets everybody read, since it listens on
 * loopback.
 */
public class AccessTest {
    private Harbour harbour;
    private Harbour other;

    @BeforeClass
    public void projects() {
        harbour = House.get().harbour().begin(Harbour.GATE);
        other = House.get().harbour().begin("");
        harbour.testAndSend().ok();
    }

    private HttpResponse<String> call(String method, String path, String token, String body) {
        HttpRequest.Builder request = HttpRequest.newBuilder(
                        URI.create(harbour.house().service().url() + path))
                .header("Content-Type", "application/json")
                .method(method, HttpRequest.BodyPublishers.ofString(body));
        if (!token.isEmpty()) {
            request.header("Authorization", "Bearer " + token);
        }
        return harbour.house().send(request);
    }

    private String token(String who) {
        return switch (who) {
            case "administrator" -> House.ADMINISTRATOR;
            case "own" -> harbour.client().environment().get("OJALA_TOKEN");
            case "other" -> other.client().environment().get("OJALA_TOKEN");
            case "wrong" -> "ojala_nobody";
            default -> "";
        };
    }

    @DataProvider
    public Object[][] calls() {
        String own = "/api/v1/projects/" + "KEY";
        return new Object[][] {
            {"GET", "/api/v1/projects", "nobody", 200},
            {"GET", own, "nobody", 200},
            {"GET", own + "/changes", "own", 200},
            {"GET", own + "/changes", "wrong", 401},
            {"GET", own + "/changes/77", "nobody", 404},
            {"GET", "/api/v1/token", "nobody", 401},
            {"GET", "/api/v1/token", "own", 200},
            {"POST", "/api/v1/projects", "nobody", 401},
            {"POST", "/api/v1/projects", "own", 403},
            {"POST", own + "/tokens", "own", 403},
            {"POST", own + "/tokens", "other", 403},
            {"POST", own + "/tokens", "nobody", 401},
            {"POST", own + "/tokens", "administrator", 201},
            {"POST", own + "/deliveries", "other", 403},
            {"POST", own + "/deliveries", "nobody", 401},
            {"DELETE", own + "/tokens/0c9d5a4e-0000-0000-0000-000000000000", "administrator", 404},
            {"DELETE", own + "/tokens/not-an-id", "administrator", 400},
            {"POST", own + "/nothing", "administrator", 404},
            {"POST", "/index.html", "administrator", 403},
        };
    }

    @Test(dataProvider = "calls")
    public void isAnsweredAsItShould(String method, String path, String who, int status) {
        HttpResponse<String> answer = call(method, path.replace("KEY", harbour.key()), token(who), "{}");
        assertThat(answer.statusCode())
                .as(method + " " + path + " as " + who + ": " + answer.body())
                .isEqualTo(status);
        if (status >= 400) {
            assertThat(answer.headers().firstValue("Content-Type").orElse("")).startsWith("application/problem+json");
            JsonNode problem = Json.mapper().readTree(answer.body());
            assertThat(problem.path("status").asInt()).isEqualTo(status);
            assertThat(problem.path("title").asString()).isNotBlank();
        }
    }

    @Test
    public void aProjectIsCheckedBeforeItIsMade() {
        assertThat(add("{\"key\":\"Not A Key\",\"repository\":\"x\"}")).contains("is no project key");
        assertThat(add("{\"key\":\"quay\"}")).contains("has a repository");
        assertThat(add("{\"key\":\"" + harbour.key() + "\",\"repository\":\"x\"}"))
                .contains("exists-already", "choose another key");
        assertThat(
                        add(
                                "{\"key\":\"quay\",\"repository\":\"x\",\"codeHost\":{\"url\":\"http://x\",\"secret\":\"short\"}}"))
                .contains("16 characters");
        assertThat(add("{\"key\":")).contains("urn:ojala:problem:bad-request");
    }

    private String add(String body) {
        return call("POST", "/api/v1/projects", House.ADMINISTRATOR, body).body();
    }

    @Test
    public void aManifestIsCheckedWholeAtOnce() {
        String body =
                "--x\r\nContent-Disposition: form-data; name=\"manifest\"\r\n\r\n{\"head\":\"abc\",\"suite\":\"a b\"}\r\n--x--\r\n";
        HttpResponse<String> answer = harbour.house()
                .send(HttpRequest.newBuilder(URI.create(
                                harbour.house().service().url() + "/api/v1/projects/" + harbour.key() + "/deliveries"))
                        .header("Authorization", "Bearer " + token("own"))
                        .header("Content-Type", "multipart/form-data; boundary=x")
                        .POST(HttpRequest.BodyPublishers.ofString(body)));
        assertThat(answer.statusCode()).isEqualTo(400);
        assertThat(answer.body()).contains("measured.id", "head is a commit id", "suite is a name", "build is a text");
    }

    @Test
    public void theServiceTellsHowItIs() {
        assertThat(call("GET", "/actuator/health/readiness", "", "").body()).contains("UP");
        assertThat(call("GET", "/actuator/prometheus", "", "").body())
                .contains("ojala_deliveries_total", "ojala_jobs_seconds_count");
        assertThat(call("GET", "/api/v1/projects/" + harbour.key(), "", "")
                        .headers()
                        .firstValue("ETag"))
                .isPresent();
        assertThat(call("GET", "/", "", "").headers().firstValue("Content-Security-Policy"))
                .isPresent();
        assertThat(call("GET", "/assets/nothing.js", "", "").statusCode()).isEqualTo(404);
        assertThat(call("GET", "/" + harbour.key() + "/changes", "", "").body()).contains("<div id=\"root\">");
    }
}
