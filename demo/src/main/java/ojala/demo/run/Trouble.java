package ojala.demo.run;

/** The demonstration can't go on; the message says why and what to do. */
public final class Trouble extends RuntimeException {
    private static final long serialVersionUID = 1;

    public Trouble(String message) {
        super(message);
    }
}
