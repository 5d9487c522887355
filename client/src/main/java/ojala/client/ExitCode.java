package ojala.client;

/** What a command ends with. */
public final class ExitCode {
    public static final int OK = 0;
    public static final int FAIL = 1;
    public static final int USAGE = 2;
    public static final int UNDECIDED = 3;
    public static final int REFUSED = 4;
    public static final int INTERNAL = 70;

    private ExitCode() {}

    /** The exit code of a verdict's word. */
    public static int of(String verdict) {
        return switch (verdict) {
            case "pass", "warn" -> OK;
            case "fail" -> FAIL;
            default -> UNDECIDED;
        };
    }
}
