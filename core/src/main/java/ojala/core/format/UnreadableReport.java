package ojala.core.format;

/** A report that can't be read: which format it was taken for, where it breaks, why, and what to do. */
public final class UnreadableReport extends Exception {
    private static final long serialVersionUID = 1;

    private final String format;
    private final String place;
    private final String reason;

    /**
     * @param format the format's name, or {@code none}
     * @param place {@code line 12}, {@code byte 4096}, or empty for the file as a whole
     */
    public UnreadableReport(String format, String place, String reason) {
        super((place.isEmpty() ? "" : place + ": ") + reason);
        this.format = format;
        this.place = place;
        this.reason = reason;
    }

    public String format() {
        return format;
    }

    public String place() {
        return place;
    }

    public String reason() {
        return reason;
    }
}
