package ojala.core.format;

/**
 * An oddity of a report.
 *
 * @param line of the report where it was seen first
 * @param message of the first one
 * @param times how often it was seen
 */
public record Note(NoteKind kind, long line, String message, long times) {
    public String text() {
        return "line " + line + ": " + message + (times > 1 ? " (and " + (times - 1) + " more like it)" : "");
    }

    Note again() {
        return new Note(kind, line, message, times + 1);
    }
}
