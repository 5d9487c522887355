package ojala.demo.run;

import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import ojala.wire.Json;

/** The code host's HTTP interface. */
public final class HostApi {
    private final HttpClient http = HttpClient.newHttpClient();
    private final URI base;
    private final String repository;

    public HostApi(URI base, String repository) {
        this.base = base;
        this.repository = repository;
    }

    /** A repository as far as the demonstration looks at it. */
    public record Repository(List<PullRequest> pullRequests) {}

    public record PullRequest(int number, String source) {}

    /** Where git finds the repository. */
    public String remote() {
        return base + "/git/" + repository + ".git";
    }

    /** Where the service publishes its verdicts. */
    public String checks() {
        return base + "/repositories/" + repository;
    }

    public void create(String service, String project, String secret) {
        if (find().isEmpty()) {
            send(
                    "POST",
                    "",
                    Map.of("name", repository, "ojala", Map.of("url", service, "project", project, "secret", secret)));
        }
    }

    public void requireChecks(String branch) {
        send("PUT", "/" + repository + "/required-checks", List.of(branch));
    }

    /** The number of the pull request from a branch, opened if there is none. */
    public int pullRequest(String branch, String title) {
        return find().stream()
                .flatMap(found -> found.pullRequests().stream())
                .filter(one -> one.source().equals(branch))
                .findFirst()
                .orElseGet(() -> Json.read(
                        send(
                                "POST",
                                "/" + repository + "/pull-requests",
                                Map.of("title", title, "source", branch, "target", "main")),
                        PullRequest.class))
                .number();
    }

    private Optional<Repository> find() {
        HttpResponse<String> answer = exchange("GET", "/" + repository, HttpRequest.BodyPublishers.noBody());
        return answer.statusCode() == 200 ? Optional.of(Json.read(answer.body(), Repository.class)) : Optional.empty();
    }

    private String send(String method, String path, Object body) {
        HttpResponse<String> answer = exchange(method, path, HttpRequest.BodyPublishers.ofString(Json.write(body)));
        if (answer.statusCode() >= 300) {
            throw new Trouble("the code host answered " + answer.statusCode() + " to " + path + ": " + answer.body());
        }
        return answer.body();
    }

    private HttpResponse<String> exchange(String method, String path, HttpRequest.BodyPublisher body) {
        HttpRequest request = HttpRequest.newBuilder(URI.create(base + "/repositories" + path))
                .header("Content-Type", "application/json")
                .method(method, body)
                .build();
        try {
            return http.send(request, HttpResponse.BodyHandlers.ofString());
        } catch (IOException unreachable) {
            throw new Trouble("the simulated code host does not answer at " + base + ": " + unreachable.getMessage());
        } catch (InterruptedException stopped) {
            Thread.currentThread().interrupt();
            throw new Trouble("stopped while the code host was asked");
        }
    }
}
