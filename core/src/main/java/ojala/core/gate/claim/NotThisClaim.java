package ojala.core.gate.claim;

/** A claim of a known form with something wrong in it; the message says what was expected. */
public final class NotThisClaim extends Exception {
    private static final long serialVersionUID = 1;

    public NotThisClaim(String message) {
        super(message);
    }
}
