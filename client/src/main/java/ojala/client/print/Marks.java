package ojala.client.print;

import picocli.CommandLine.Help.Ansi;

/** The glyph and colour of each outcome; colours only on a terminal, and never the only sign. */
public final class Marks {
    private Marks() {}

    /** {@code ✖}, coloured on a terminal. */
    public static String glyph(String outcome) {
        return switch (outcome) {
            case "pass" -> coloured("green", "✔");
            case "warn" -> coloured("yellow", "▲");
            case "fail" -> coloured("red", "✖");
            case "waiting" -> coloured("blue", "◐");
            case "undecided", "doubted" -> coloured("magenta", "◇");
            default -> "–";
        };
    }

    /** The outcome's word in the colour of its glyph. */
    public static String word(String outcome) {
        return switch (outcome) {
            case "pass" -> coloured("bold,green", outcome);
            case "warn" -> coloured("bold,yellow", outcome);
            case "fail" -> coloured("bold,red", outcome);
            case "waiting" -> coloured("bold,blue", outcome);
            default -> coloured("bold", outcome);
        };
    }

    /** Less important text. */
    public static String soft(String text) {
        return coloured("faint", text);
    }

    private static String coloured(String style, String text) {
        return Ansi.AUTO.enabled() && !text.isEmpty()
                ? Ansi.AUTO.string("@|" + style + " " + escaped(text) + "|@")
                : text;
    }

    private static String escaped(String text) {
        return text.replace("|@", "| @");
    }
}
