package ojala.core.view;

import java.util.List;
import java.util.Optional;
import ojala.core.settings.Glob;

/**
 * The rules by which a file counts as a test where settings name no includes; documented in {@code docs/settings.md}.
 */
public final class TestPaths {
    public static final List<Glob> RULES = List.of(
                    "**/test/**",
                    "**/tests/**",
                    "**/__tests__/**",
                    "**/spec/**",
                    "**/testdata/**",
                    "**/*.test.*",
                    "**/*.spec.*",
                    "**/*_test.*",
                    "**/*_spec.*",
                    "**/test_*.*",
                    "**/*Test.java",
                    "**/*Tests.java",
                    "**/*IT.java")
            .stream()
            .map(Glob::of)
            .toList();

    private TestPaths() {}

    /** The rule that makes this path a test's, if one does. */
    static Optional<Glob> rule(String path) {
        return RULES.stream().filter(rule -> rule.matches(path)).findFirst();
    }
}
