package ojala.server.host;

import java.net.http.HttpClient;
import java.time.Duration;
import java.util.Objects;
import ojala.server.project.Project;
import ojala.wire.CheckReport;
import ojala.wire.Json;
import ojala.wire.Signature;
import org.springframework.http.MediaType;
import org.springframework.http.client.JdkClientHttpRequestFactory;
import org.springframework.stereotype.Component;
import org.springframework.web.client.RestClient;
import org.springframework.web.client.RestClientException;

/** A code host that takes verdicts as signed JSON: {@code POST URL/checks}. */
@Component
class SignedHttpHost implements CodeHost {
    private final RestClient http;

    SignedHttpHost() {
        JdkClientHttpRequestFactory requests = new JdkClientHttpRequestFactory(
                HttpClient.newBuilder().connectTimeout(Duration.ofSeconds(5)).build());
        requests.setReadTimeout(Duration.ofSeconds(10));
        this.http = RestClient.builder().requestFactory(requests).build();
    }

    @Override
    public void publish(Project project, CheckReport report) {
        String body = Json.write(report);
        String secret = Objects.requireNonNull(project.codeHostSecret());
        try {
            http.post()
                    .uri(project.codeHostUrl() + "/checks")
                    .contentType(MediaType.APPLICATION_JSON)
                    .header(Signature.HEADER, Signature.of(body, secret))
                    .body(body)
                    .retrieve()
                    .toBodilessEntity();
        } catch (RestClientException failure) {
            throw new HostFailure(
                    "the code host " + project.codeHostUrl() + " does not take the verdict: " + failure.getMessage(),
                    failure);
        }
    }
}
