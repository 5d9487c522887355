package ojala.git;

/** A repository that can't be read, fetched or found; the message names it and says what to do. */
public final class GitFailure extends RuntimeException {
    private static final long serialVersionUID = 1;

    public GitFailure(String message) {
        super(message);
    }

    public GitFailure(String message, Throwable cause) {
        super(message, cause);
    }
}
