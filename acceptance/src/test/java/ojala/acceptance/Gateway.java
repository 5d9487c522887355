package ojala.acceptance;

import com.sun.net.httpserver.HttpExchange;
import com.sun.net.httpserver.HttpServer;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.concurrent.Executors;

/** A gateway in front of the service, as companies have them, which can be made to fail as they do. */
final class Gateway implements AutoCloseable {
    private final HttpClient http = HttpClient.newHttpClient();
    private final HttpServer server;
    private final String service;
    private volatile int answer;
    private volatile Duration delay = Duration.ZERO;

    Gateway(String service) {
        this.service = service;
        try {
            server = HttpServer.create(new InetSocketAddress(InetAddress.getLoopbackAddress(), 0), 0);
        } catch (IOException failure) {
            throw new UncheckedIOException(failure);
        }
        server.setExecutor(Executors.newCachedThreadPool());
        server.createContext("/", this::handle);
        server.start();
    }

    String url() {
        return "http://127.0.0.1:" + server.getAddress().getPort();
    }

    /** Answers all calls of the API with a status of its own; 0 lets them through. */
    void answer(int status) {
        answer = status;
    }

    void delay(Duration each) {
        delay = each;
    }

    private void handle(HttpExchange exchange) throws IOException {
        try (exchange) {
            boolean api = exchange.getRequestURI().getPath().startsWith("/api/");
            if (api && answer != 0) {
                byte[] page = "<html>gateway</html>".getBytes(StandardCharsets.UTF_8);
                exchange.getResponseHeaders().set("Content-Type", "text/html");
                exchange.sendResponseHeaders(answer, page.length);
                exchange.getResponseBody().write(page);
                return;
            }
            if (api) {
                Thread.sleep(delay.toMillis());
            }
            HttpResponse<byte[]> passed = http.send(
                    HttpRequest.newBuilder(URI.create(service + exchange.getRequestURI()))
                            .build(),
                    HttpResponse.BodyHandlers.ofByteArray());
            passed.headers()
                    .firstValue("Content-Type")
                    .ifPresent(type -> exchange.getResponseHeaders().set("Content-Type", type));
            exchange.sendResponseHeaders(passed.statusCode(), passed.body().length == 0 ? -1 : passed.body().length);
            exchange.getResponseBody().write(passed.body());
        } catch (InterruptedException stopped) {
            Thread.currentThread().interrupt();
        }
    }

    /** Goes down: nothing listens any more. */
    @Override
    public void close() {
        server.stop(0);
    }
}
