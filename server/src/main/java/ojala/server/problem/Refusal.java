package ojala.server.problem;

/** A request that is refused, with what its sender can do about it. */
public final class Refusal extends RuntimeException {
    private static final long serialVersionUID = 1;

    private final ProblemType type;

    public Refusal(ProblemType type, String detail) {
        super(detail);
        this.type = type;
    }

    public ProblemType type() {
        return type;
    }
}
