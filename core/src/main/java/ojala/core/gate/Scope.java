package ojala.core.gate;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;

/**
 * What a rule speaks of.
 *
 * @param area the area's name; empty for the other kinds
 */
public record Scope(Kind kind, String area) {
    /** The kinds of scopes with the words that write them. */
    public enum Kind {
        CHANGE("change"),
        WHOLE("whole"),
        AREA("area NAME"),
        EACH_CHANGED_FILE("each changed file");

        private final String words;

        Kind(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    /** Reads the words before a list of sentences; empty if they are no scope. */
    public static Optional<Scope> parse(String words) {
        String single = words.strip().replaceAll("\\s+", " ");
        if (single.matches("area [a-z0-9-]+")) {
            return Optional.of(new Scope(Kind.AREA, single.substring(5)));
        }
        return Arrays.stream(Kind.values())
                .filter(kind -> kind != Kind.AREA && kind.words().equals(single))
                .findFirst()
                .map(kind -> new Scope(kind, ""));
    }

    public static List<String> forms() {
        return Arrays.stream(Kind.values()).map(Kind::words).collect(Collectors.toList());
    }

    @Override
    public String toString() {
        return kind == Kind.AREA ? "area " + area : kind.words();
    }
}
