package ojala.core.settings;

import java.time.Duration;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import ojala.core.gate.Gate;
import ojala.core.path.PathRewrite;

/** What an {@code ojala.yaml} says. Immutable. */
public record Settings(Sources sources, List<Suite> suites, List<Area> areas, List<PathRewrite> paths, Gate gate) {
    public static final String FILE = "ojala.yaml";

    /** What holds where a project has no {@code ojala.yaml}: nothing is left out, there are no rules. */
    public static final Settings NONE =
            new Settings(new Sources(Optional.empty(), List.of()), List.of(), List.of(), List.of(), Gate.NONE);

    public Settings {
        suites = List.copyOf(suites);
        areas = List.copyOf(areas);
        paths = List.copyOf(paths);
    }

    /** @param include absent where the file names none, so that the default holds */
    public record Sources(Optional<List<Glob>> include, List<Exclusion> exclude) {}

    /**
     * Files that are left out of a view.
     *
     * @param because shown beside each of them
     * @param until the last day on which it holds, if it ends
     */
    public record Exclusion(List<Glob> paths, String because, Optional<LocalDate> until) {}

    /**
     * A suite that the project expects.
     *
     * @param parts the names of the parts that make it complete; empty if its deliveries tell
     * @param waitFor how long a missing suite is awaited
     */
    public record Suite(String name, List<String> parts, WhenAbsent whenAbsent, Duration waitFor) {}

    /** What is done about a suite that did not come. */
    public enum WhenAbsent {
        WAIT,
        IGNORE
    }

    /** A named set of paths with its owners. */
    public record Area(String name, List<Glob> paths, List<String> owners) {}
}
