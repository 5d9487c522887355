package ojala.server.delivery;

import io.swagger.v3.oas.annotations.media.ArraySchema;
import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.parameters.RequestBody;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.Part;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.UUID;
import ojala.server.ServiceSettings;
import ojala.server.problem.ProblemType;
import ojala.server.problem.Refusal;
import ojala.server.project.Projects;
import ojala.wire.Json;
import ojala.wire.Manifest;
import ojala.wire.Receipt;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Deliveries over HTTP: one multipart body with a part {@code manifest} and any number of parts {@code report}. */
@RestController
@RequestMapping("/api/v1/projects/{key}/deliveries")
class DeliveryController {
    private final Deliveries deliveries;
    private final Projects projects;
    private final ServiceSettings settings;

    DeliveryController(Deliveries deliveries, Projects projects, ServiceSettings settings) {
        this.deliveries = deliveries;
        this.projects = projects;
        this.settings = settings;
    }

    /** The body of a delivery, for the API's description. */
    @Schema(name = "Delivery")
    record Form(
            @Schema(implementation = Manifest.class, description = "what the CI job says of its delivery")
            Manifest manifest,

            @ArraySchema(
                    schema = @Schema(type = "string", format = "binary"),
                    arraySchema = @Schema(description = "the reports; gzip and zstd are unpacked"))
            List<String> report) {}

    @RequestBody(
            content =
                    @Content(
                            mediaType = MediaType.MULTIPART_FORM_DATA_VALUE,
                            schema = @Schema(implementation = Form.class)))
    @PostMapping(consumes = MediaType.MULTIPART_FORM_DATA_VALUE)
    @ResponseStatus(HttpStatus.ACCEPTED)
    Receipt receive(
            @PathVariable String key,
            @RequestHeader(name = "Idempotency-Key", required = false) @Nullable String idempotencyKey,
            HttpServletRequest request)
            throws IOException, ServletException {
        if (idempotencyKey != null && idempotencyKey.length() > 200) {
            throw new Refusal(ProblemType.BAD_REQUEST, "an Idempotency-Key has at most 200 characters");
        }
        List<Deliveries.SentFile> files = request.getParts().stream()
                .filter(part -> part.getName().equals("report"))
                .<Deliveries.SentFile>map(ReportPart::new)
                .toList();
        if (files.size() > settings.limits().files()) {
            throw new Refusal(
                    ProblemType.TOO_LARGE,
                    files.size() + " files in one delivery, at most "
                            + settings.limits().files() + " are taken: send them in several deliveries");
        }
        return deliveries.receive(projects.get(key), manifest(request), idempotencyKey, files);
    }

    private static Manifest manifest(HttpServletRequest request) throws IOException, ServletException {
        Part part = request.getPart("manifest");
        if (part == null || part.getSize() > 64 * 1024) {
            throw new Refusal(ProblemType.BAD_REQUEST, "a delivery has a part “manifest” of JSON, at most 64 kB");
        }
        try (InputStream json = part.getInputStream()) {
            return Manifests.checked(
                    Json.read(new String(json.readAllBytes(), StandardCharsets.UTF_8), Manifest.class));
        }
    }

    @GetMapping("/{id}")
    Receipt receipt(@PathVariable String key, @PathVariable UUID id) {
        return deliveries.receipt(projects.get(key), id);
    }

    private record ReportPart(Part part) implements Deliveries.SentFile {
        @Override
        public String name() {
            String name = part.getSubmittedFileName();
            return name == null || name.isBlank() ? "report" : name.substring(0, Math.min(name.length(), 500));
        }

        @Override
        public InputStream open() throws IOException {
            return part.getInputStream();
        }
    }
}
