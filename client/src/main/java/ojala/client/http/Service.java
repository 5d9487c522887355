package ojala.client.http;

import java.io.IOException;
import java.net.URI;
import java.net.URLEncoder;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import ojala.client.Failure;
import ojala.wire.ChangePage;
import ojala.wire.CommitPage;
import ojala.wire.ComparisonDocument;
import ojala.wire.FolderDocument;
import ojala.wire.Json;
import ojala.wire.Manifest;
import ojala.wire.NewProject;
import ojala.wire.Problem;
import ojala.wire.ProjectCreated;
import ojala.wire.ProjectDocument;
import ojala.wire.Receipt;
import ojala.wire.Resolved;
import ojala.wire.TokenDocument;
import ojala.wire.TrendDocument;
import ojala.wire.VerdictDocument;
import tools.jackson.core.JacksonException;

/** The service's HTTP interface, typed. Every failure is a {@link Failure} that names the service and the next step. */
public final class Service {
    private static final Duration PATIENCE = Duration.ofSeconds(60);

    private final HttpClient http =
            HttpClient.newBuilder().connectTimeout(Duration.ofSeconds(10)).build();
    private final URI base;
    private final Optional<String> token;

    public Service(URI base, Optional<String> token) {
        this.base = base;
        this.token = token;
    }

    public TokenDocument ownToken() {
        return call(get("/token"), TokenDocument.class);
    }

    public List<ProjectDocument> projects() {
        return Arrays.asList(call(get("/projects"), ProjectDocument[].class));
    }

    public ProjectCreated add(NewProject project) {
        return call(post("/projects", Json.write(project)), ProjectCreated.class);
    }

    public TokenDocument createToken(String project) {
        return call(post(at(project) + "/tokens", ""), TokenDocument.class);
    }

    public void revokeToken(String project, String id) {
        text(request(at(project) + "/tokens/" + encoded(id)).DELETE());
    }

    /** Delivers; the same key again gives the first receipt again. */
    public Receipt deliver(
            String project, Manifest manifest, List<Upload> files, String idempotencyKey, Progress progress) {
        Multipart body = Multipart.of(Json.write(manifest), files, progress);
        return call(
                request(at(project) + "/deliveries")
                        .timeout(Duration.ofMinutes(30))
                        .header("Content-Type", body.contentType())
                        .header("Idempotency-Key", idempotencyKey)
                        .POST(body.publisher()),
                Receipt.class);
    }

    public Receipt receipt(String project, String id) {
        return call(get(at(project) + "/deliveries/" + encoded(id)), Receipt.class);
    }

    /** The newest verdict of each target of a commit. */
    public List<VerdictDocument> verdicts(String project, String head) {
        return Arrays.asList(
                call(get(at(project) + "/commits/" + encoded(head) + "/verdicts"), VerdictDocument[].class));
    }

    public ChangePage change(String project, int number) {
        return call(get(at(project) + "/changes/" + number), ChangePage.class);
    }

    /** The newest measured commit that a name means; of the default branch if the name is empty. */
    public String resolve(String project, String name) {
        return call(get(at(project) + "/resolve?name=" + encoded(name)), Resolved.class)
                .commit();
    }

    public CommitPage commit(String project, String commit) {
        return call(get(at(project) + "/commits/" + encoded(commit)), CommitPage.class);
    }

    /** A folder of a commit; the root if the path is empty. */
    public FolderDocument folder(String project, String commit, String path) {
        return call(
                get(at(project) + "/commits/" + encoded(commit) + "/folder?path=" + encoded(path)),
                FolderDocument.class);
    }

    /** All files below a folder of a commit. */
    public FolderDocument files(String project, String commit, String path) {
        return call(
                get(at(project) + "/commits/" + encoded(commit) + "/files?path=" + encoded(path)),
                FolderDocument.class);
    }

    public ComparisonDocument compare(String project, String from, String to) {
        return call(
                get(at(project) + "/compare?from=" + encoded(from) + "&to=" + encoded(to)), ComparisonDocument.class);
    }

    /** The trend of a branch; the default branch and the whole where nothing is named. */
    public TrendDocument trend(String project, Optional<String> branch, Optional<String> area, String count, int most) {
        return call(
                get(at(project) + "/trend?count=" + encoded(count) + "&most=" + most
                        + branch.map(name -> "&branch=" + encoded(name)).orElse("")
                        + area.map(name -> "&area=" + encoded(name)).orElse("")),
                TrendDocument.class);
    }

    private static String at(String project) {
        return "/projects/" + encoded(project);
    }

    private static String encoded(String text) {
        return URLEncoder.encode(text, StandardCharsets.UTF_8).replace("+", "%20");
    }

    private HttpRequest.Builder get(String path) {
        return request(path).GET();
    }

    private HttpRequest.Builder post(String path, String json) {
        return request(path).header("Content-Type", "application/json").POST(HttpRequest.BodyPublishers.ofString(json));
    }

    private HttpRequest.Builder request(String path) {
        HttpRequest.Builder request = HttpRequest.newBuilder(URI.create(base + "/api/v1" + path))
                .timeout(PATIENCE)
                .header("Accept", "application/json, application/problem+json");
        token.ifPresent(secret -> request.header("Authorization", "Bearer " + secret));
        return request;
    }

    private <T> T call(HttpRequest.Builder request, Class<T> type) {
        String text = text(request);
        try {
            return Json.read(text, type);
        } catch (JacksonException wrong) {
            throw Failure.refused(base + " does not answer like an Ojala service: check OJALA_URL");
        }
    }

    private String text(HttpRequest.Builder request) {
        HttpResponse<String> response;
        try {
            response = http.send(request.build(), HttpResponse.BodyHandlers.ofString());
        } catch (IOException unreachable) {
            throw Failure.refused("the service at " + base + " can't be reached (" + reason(unreachable)
                    + "): check OJALA_URL and that it runs");
        } catch (InterruptedException stopped) {
            Thread.currentThread().interrupt();
            throw Failure.refused("stopped while waiting for " + base);
        }
        if (response.statusCode() / 100 != 2) {
            throw failure(response);
        }
        return response.body();
    }

    private static String reason(IOException failure) {
        return failure.getMessage() == null ? failure.getClass().getSimpleName() : failure.getMessage();
    }

    private Failure failure(HttpResponse<String> response) {
        String detail = "HTTP " + response.statusCode();
        try {
            Problem problem = Json.read(response.body(), Problem.class);
            detail = problem.detail() == null ? String.valueOf(problem.title()) : problem.detail();
        } catch (JacksonException noProblem) {
            // some other server's answer: its status has to do
        }
        boolean input = response.statusCode() == 400
                || response.statusCode() == 404
                || response.statusCode() == 409
                || response.statusCode() == 413;
        return input ? Failure.usage(detail) : Failure.refused("the service at " + base + " refuses: " + detail);
    }
}
