package ojala.client;

/** A command that can't go on, with the exit code that says why. */
public final class Failure extends RuntimeException {
    private static final long serialVersionUID = 1;

    private final int exitCode;

    private Failure(int exitCode, String message) {
        super(message);
        this.exitCode = exitCode;
    }

    /** The command was used wrongly, or its input can't be read. */
    public static Failure usage(String message) {
        return new Failure(ExitCode.USAGE, message);
    }

    /** The service can't be reached, or refuses. */
    public static Failure refused(String message) {
        return new Failure(ExitCode.REFUSED, message);
    }

    public int exitCode() {
        return exitCode;
    }
}
