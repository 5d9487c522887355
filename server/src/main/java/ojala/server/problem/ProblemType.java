package ojala.server.problem;

import java.util.Arrays;
import java.util.Locale;
import org.springframework.http.HttpStatus;

/** The kinds of problem documents; the type of a kind never changes. */
public enum ProblemType {
    BAD_REQUEST(HttpStatus.BAD_REQUEST, "The request can't be understood"),
    TOKEN_NEEDED(HttpStatus.UNAUTHORIZED, "A valid token is needed"),
    NOT_ALLOWED(HttpStatus.FORBIDDEN, "This token may not do that"),
    NOT_FOUND(HttpStatus.NOT_FOUND, "There is no such thing"),
    EXISTS_ALREADY(HttpStatus.CONFLICT, "It exists already"),
    TOO_LARGE(HttpStatus.CONTENT_TOO_LARGE, "More than the service takes"),
    DISK_FULL(HttpStatus.INSUFFICIENT_STORAGE, "The service has no room"),
    INTERNAL(HttpStatus.INTERNAL_SERVER_ERROR, "The service failed");

    private final HttpStatus status;
    private final String title;

    ProblemType(HttpStatus status, String title) {
        this.status = status;
        this.title = title;
    }

    public HttpStatus status() {
        return status;
    }

    public String title() {
        return title;
    }

    /** The stable type: {@code urn:ojala:problem:not-found}. */
    public String urn() {
        return "urn:ojala:problem:" + name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    /** The type for a status that was not chosen by a kind. */
    static String urn(int status) {
        return Arrays.stream(values())
                .filter(type -> type.status.value() == status)
                .findFirst()
                .map(ProblemType::urn)
                .orElse("urn:ojala:problem:http-" + status);
    }
}
