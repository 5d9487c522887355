package ojala.server.problem;

import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.net.URI;
import java.nio.charset.StandardCharsets;
import ojala.wire.Json;
import ojala.wire.Problem;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatusCode;
import org.springframework.http.MediaType;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.http.converter.HttpMessageNotReadableException;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.RestControllerAdvice;
import org.springframework.web.context.request.WebRequest;
import org.springframework.web.multipart.MaxUploadSizeExceededException;
import org.springframework.web.multipart.MultipartException;
import org.springframework.web.servlet.mvc.method.annotation.ResponseEntityExceptionHandler;
import tools.jackson.core.JacksonException;

/** Answers every refused request with a problem document after RFC 9457. */
@RestControllerAdvice
public class Problems extends ResponseEntityExceptionHandler {
    private static final Logger LOG = LoggerFactory.getLogger(Problems.class);

    @ExceptionHandler(Refusal.class)
    ProblemDetail refused(Refusal refusal) {
        return document(refusal.type(), refusal.getMessage());
    }

    @ExceptionHandler(JacksonException.class)
    ProblemDetail notJson(JacksonException wrong) {
        return document(ProblemType.BAD_REQUEST, "JSON that can't be read: " + wrong.getOriginalMessage());
    }

    @ExceptionHandler(MultipartException.class)
    ProblemDetail notMultipart(MultipartException wrong) {
        if (wrong instanceof MaxUploadSizeExceededException) {
            return document(
                    ProblemType.TOO_LARGE,
                    "the delivery or one of its files is too large: send fewer or smaller reports");
        }
        if (FullDisk.caused(wrong)) {
            return diskFull(wrong);
        }
        return document(
                ProblemType.BAD_REQUEST,
                "the delivery broke off or is not multipart/form-data; nothing of it was stored: send it again");
    }

    @ExceptionHandler(RuntimeException.class)
    ProblemDetail failed(RuntimeException failure) {
        if (FullDisk.caused(failure)) {
            return diskFull(failure);
        }
        LOG.error("A request failed", failure);
        return document(ProblemType.INTERNAL, "the service's log says why; nothing of the request was kept");
    }

    private static ProblemDetail diskFull(RuntimeException failure) {
        LOG.error("The disk is full", failure);
        return document(
                ProblemType.DISK_FULL,
                "the disk of the service or of its database is full; nothing of the request was kept: make room there, then send it again");
    }

    @Override
    protected ResponseEntity<Object> handleHttpMessageNotReadable(
            HttpMessageNotReadableException wrong, HttpHeaders headers, HttpStatusCode status, WebRequest request) {
        String reason = wrong.getMostSpecificCause() instanceof JacksonException json
                ? "JSON that can't be read: " + json.getOriginalMessage()
                : "the request's body can't be read";
        return new ResponseEntity<>(document(ProblemType.BAD_REQUEST, reason), status);
    }

    /** What Spring itself refuses has a stable type as well. */
    @Override
    protected ResponseEntity<Object> createResponseEntity(
            @Nullable Object body, HttpHeaders headers, HttpStatusCode status, WebRequest request) {
        if (body instanceof ProblemDetail problem) {
            problem.setType(URI.create(ProblemType.urn(status.value())));
        }
        return super.createResponseEntity(body, headers, status, request);
    }

    private static ProblemDetail document(ProblemType type, String detail) {
        ProblemDetail document = ProblemDetail.forStatusAndDetail(type.status(), detail);
        document.setType(URI.create(type.urn()));
        document.setTitle(type.title());
        return document;
    }

    /** Writes a problem document where no controller is reached. */
    public static void write(HttpServletResponse response, ProblemType type, String detail) throws IOException {
        response.setStatus(type.status().value());
        response.setContentType(MediaType.APPLICATION_PROBLEM_JSON_VALUE);
        response.setCharacterEncoding(StandardCharsets.UTF_8);
        Problem document = new Problem(type.urn(), type.title(), type.status().value(), detail);
        response.getWriter().write(Json.write(document));
    }
}
