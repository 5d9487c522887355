package ojala.codehost;

/** A request that the host refuses, with the reason. */
final class Refused extends RuntimeException {
    private static final long serialVersionUID = 1;

    Refused(String message) {
        super(message);
    }
}
