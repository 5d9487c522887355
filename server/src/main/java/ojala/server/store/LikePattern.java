package ojala.server.store;

/** Patterns of SQL's {@code like} in which the text that was looked for means itself. */
public final class LikePattern {
    private LikePattern() {}

    /** What begins with the text. */
    public static String beginning(String text) {
        return escaped(text) + "%";
    }

    /** What has the text in it. */
    public static String within(String text) {
        return "%" + escaped(text) + "%";
    }

    private static String escaped(String text) {
        return text.replace("\\", "\\\\").replace("%", "\\%").replace("_", "\\_");
    }
}
