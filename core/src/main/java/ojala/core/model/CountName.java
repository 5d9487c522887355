package ojala.core.model;

import java.util.Arrays;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Collectors;

/** The names of the things that are counted as covered and total. The order is that of canonical bytes. */
public enum CountName {
    LINES,
    STATEMENTS,
    INSTRUCTIONS,
    BRANCHES,
    FUNCTIONS,
    MCDC,
    CALLS,
    COMPLEXITY;

    /** The word in rules, JSON and tables: {@code lines}. */
    public String word() {
        return name().toLowerCase(Locale.ROOT);
    }

    /** The word for {@code howMany} of them: {@code 1 line}, {@code 2 lines}. */
    public String unit(long howMany) {
        return switch (this) {
            case BRANCHES -> howMany == 1 ? "branch" : "branches";
            case MCDC -> howMany == 1 ? "condition" : "conditions";
            case COMPLEXITY -> "complexity";
            default -> howMany == 1 ? word().substring(0, word().length() - 1) : word();
        };
    }

    public static Optional<CountName> ofWord(String word) {
        return Arrays.stream(values()).filter(name -> name.word().equals(word)).findFirst();
    }

    public static String words() {
        return Arrays.stream(values()).map(CountName::word).collect(Collectors.joining(", "));
    }
}
