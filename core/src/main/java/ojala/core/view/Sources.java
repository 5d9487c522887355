package ojala.core.view;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import ojala.core.settings.Glob;
import ojala.core.settings.Settings;

/** Decides which files of a commit belong to a view: include lists first, exclusions second. */
interface Sources {
    /** Whether a file is among the sources; an excluded one has its reason. */
    Membership of(String path);

    /** @param excludedBecause why a source is left out, if it is */
    record Membership(boolean source, Optional<String> excludedBecause) {
        static final Membership NO = new Membership(false, Optional.empty());
        static final Membership YES = new Membership(true, Optional.empty());

        static Membership excluded(String because) {
            return new Membership(true, Optional.of(because));
        }
    }

    /**
     * The sources by settings.
     *
     * @param additional includes that the head adds to the target's
     * @param extensions of the files that reports of the project measure; used where no include is named
     * @param today exclusions that ended before it hold no longer
     */
    static Sources of(Settings settings, List<Glob> additional, Set<String> extensions, LocalDate today) {
        List<Settings.Exclusion> exclusions = settings.sources().exclude().stream()
                .filter(exclusion ->
                        exclusion.until().map(last -> !today.isAfter(last)).orElse(true))
                .toList();
        return path -> {
            Membership included = settings.sources()
                    .include()
                    .map(globs -> matches(globs, path) || matches(additional, path) ? Membership.YES : Membership.NO)
                    .orElseGet(() -> byDefault(path, extensions));
            if (!included.source()) {
                return included;
            }
            return exclusions.stream()
                    .filter(exclusion -> matches(exclusion.paths(), path))
                    .findFirst()
                    .map(exclusion -> Membership.excluded(exclusion.because()))
                    .orElse(included);
        };
    }

    private static Membership byDefault(String path, Set<String> extensions) {
        if (!extensions.contains(extension(path))) {
            return Membership.NO;
        }
        return TestPaths.rule(path)
                .map(rule -> Membership.excluded("a test, by the rule " + rule))
                .orElse(Membership.YES);
    }

    private static boolean matches(List<Glob> globs, String path) {
        return globs.stream().anyMatch(glob -> glob.matches(path));
    }

    /** What follows the last dot of the name; empty where there is none. */
    static String extension(String path) {
        String name = path.substring(path.lastIndexOf('/') + 1);
        return name.substring(name.lastIndexOf('.') + 1).equals(name) ? "" : name.substring(name.lastIndexOf('.') + 1);
    }
}
