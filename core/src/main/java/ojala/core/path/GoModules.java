package ojala.core.path;

import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** The Go modules of a commit: import paths begin with a module's path, which its {@code go.mod} tells. */
final class GoModules {
    private static final int MOST = 1000;
    private static final Pattern DIRECTIVE =
            Pattern.compile("^\\s*module\\s+(?:\"([^\"]+)\"|(\\S+))", Pattern.MULTILINE);

    private final List<Module> modules;

    private record Module(String path, String folder) {}

    /** @param text of a file of the tree */
    GoModules(Collection<String> treePaths, Function<String, Optional<String>> text) {
        modules = treePaths.stream()
                .filter(path -> path.equals("go.mod") || path.endsWith("/go.mod"))
                .sorted()
                .limit(MOST)
                .flatMap(path -> text.apply(path).stream().flatMap(content -> module(path, content).stream()))
                .sorted(Comparator.comparingInt((Module module) -> module.path().length())
                        .reversed())
                .toList();
    }

    private static Optional<Module> module(String path, String content) {
        Matcher directive = DIRECTIVE.matcher(content);
        if (!directive.find()) {
            return Optional.empty();
        }
        String name = directive.group(1) == null ? directive.group(2) : directive.group(1);
        return Optional.of(new Module(name, path.substring(0, path.length() - "go.mod".length())));
    }

    /** Where a file of an import path lies, and how that is known; the most particular module first. */
    Optional<PathMatch> match(String reported, String cleaned, Tree tree) {
        for (Module module : modules) {
            if (cleaned.startsWith(module.path() + "/")) {
                Optional<String> file = tree.file(
                        module.folder() + cleaned.substring(module.path().length() + 1));
                if (file.isPresent()) {
                    return Optional.of(PathMatch.found(
                            reported,
                            file.get(),
                            "in the module of " + (module.folder().isEmpty() ? "the root" : module.folder())));
                }
            }
        }
        return Optional.empty();
    }
}
