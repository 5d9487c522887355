package ojala.core.settings;

import java.util.regex.Pattern;

/** A pattern of repository paths: {@code *} and {@code ?} within a segment, {@code **} over segments. */
public final class Glob {
    private static final int LONGEST = 500;

    private final String text;
    private final Pattern pattern;

    private Glob(String text, Pattern pattern) {
        this.text = text;
        this.pattern = pattern;
    }

    /** Reads a pattern; {@link IllegalArgumentException} says what is wrong with it. */
    public static Glob of(String text) {
        String wrong = wrong(text);
        if (!wrong.isEmpty()) {
            throw new IllegalArgumentException("“" + text + "” " + wrong);
        }
        StringBuilder regex = new StringBuilder();
        for (int i = 0; i < text.length(); i++) {
            char c = text.charAt(i);
            if (text.startsWith("**/", i)) {
                regex.append("(?:.*/)?");
                i += 2;
            } else if (text.startsWith("**", i)) {
                regex.append(".*");
                i++;
            } else if (c == '*') {
                regex.append("[^/]*");
            } else if (c == '?') {
                regex.append("[^/]");
            } else {
                regex.append(Pattern.quote(String.valueOf(c)));
            }
        }
        return new Glob(text, Pattern.compile(regex.toString(), Pattern.DOTALL));
    }

    private static String wrong(String text) {
        if (text.isEmpty() || text.length() > LONGEST) {
            return "is no path pattern: it has 1 to " + LONGEST + " characters";
        }
        if (text.startsWith("/") || text.contains("\\")) {
            return "is no path pattern: paths begin at the repository's root without a slash, and use forward slashes";
        }
        if (("/" + text + "/").contains("/../")) {
            return "climbs out of the repository: paths begin at its root";
        }
        if (text.chars().filter(c -> c == '*').count() > 20) {
            return "has more than 20 stars";
        }
        return "";
    }

    public boolean matches(String path) {
        return pattern.matcher(path).matches();
    }

    @Override
    public String toString() {
        return text;
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof Glob glob && text.equals(glob.text);
    }

    @Override
    public int hashCode() {
        return text.hashCode();
    }
}
