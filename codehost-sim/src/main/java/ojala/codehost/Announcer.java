package ojala.codehost;

import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.time.Duration;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.ScheduledFuture;
import java.util.concurrent.TimeUnit;
import ojala.wire.HostEvent;
import ojala.wire.Json;
import ojala.wire.Signature;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.DisposableBean;
import org.springframework.stereotype.Component;

/** Tells the service of pushes and pull requests, in order, in signed calls; tries again for some minutes. */
@Component
class Announcer implements DisposableBean {
    private static final Logger LOG = LoggerFactory.getLogger(Announcer.class);
    private static final int TRIES = 60;

    private final HttpClient http =
            HttpClient.newBuilder().connectTimeout(Duration.ofSeconds(5)).build();
    private final ScheduledExecutorService worker = Executors.newSingleThreadScheduledExecutor(runnable -> {
        Thread thread = new Thread(runnable, "announcer");
        thread.setDaemon(true);
        return thread;
    });

    void push(HostedRepository repository, String branch, String head) {
        announce(repository, new HostEvent("push", branch, head, null, null, null, null, null));
    }

    void pullRequest(HostedRepository repository, HostedRepository.PullRequest one) {
        announce(
                repository,
                new HostEvent(
                        "pull-request",
                        null,
                        one.head(),
                        one.number(),
                        one.title(),
                        one.source(),
                        one.target(),
                        one.state()));
    }

    private void announce(HostedRepository repository, HostEvent event) {
        if (repository.ojala() != null) {
            worker.execute(() -> tell(repository.ojala(), Json.write(event), 1));
        }
    }

    private void tell(HostedRepository.OjalaProject ojala, String body, int attempt) {
        URI events = URI.create(ojala.url() + "/api/v1/projects/" + ojala.project() + "/code-host/events");
        HttpRequest request = HttpRequest.newBuilder(events)
                .timeout(Duration.ofSeconds(10))
                .header("Content-Type", "application/json")
                .header(Signature.HEADER, Signature.of(body, ojala.secret()))
                .POST(HttpRequest.BodyPublishers.ofString(body))
                .build();
        try {
            HttpResponse<String> response = http.send(request, HttpResponse.BodyHandlers.ofString());
            if (response.statusCode() / 100 == 2) {
                return;
            }
            LOG.warn("{} answers {}: {}", events, response.statusCode(), response.body());
        } catch (IOException unreachable) {
            LOG.warn("{} can't be reached: {}", events, unreachable.getMessage());
        } catch (InterruptedException stopped) {
            Thread.currentThread().interrupt();
            return;
        }
        if (attempt < TRIES) {
            ScheduledFuture<?> again = worker.schedule(() -> tell(ojala, body, attempt + 1), 2, TimeUnit.SECONDS);
            LOG.debug("tries again in {} s", again.getDelay(TimeUnit.SECONDS));
        }
    }

    @Override
    public void destroy() {
        worker.shutdownNow();
    }
}
