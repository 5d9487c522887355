package ojala.core.view;

import java.time.LocalDate;
import java.util.Collection;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.SortedMap;
import java.util.TreeMap;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import ojala.core.model.Counts;
import ojala.core.settings.Glob;
import ojala.core.settings.Settings;

/** A tally seen through settings: what counts, what is left out and why, and what no report mentions. Immutable. */
public final class View {
    private final SortedMap<String, Counts> measured = new TreeMap<>();
    private final SortedMap<String, String> excluded = new TreeMap<>();
    private final SortedMap<String, Standing> standing = new TreeMap<>();

    private View() {}

    /** Without settings nothing is left out: all that reports mention counts. */
    public static View unfiltered(Map<String, Counts> tally) {
        View view = new View();
        tally.forEach((path, counts) -> view.add(path, Sources.Membership.YES, Optional.of(counts)));
        return view;
    }

    /**
     * The view through settings.
     *
     * @param additional includes that the head's settings add
     * @param files of the commit's tree
     * @param tally the counts of every measured file
     * @param extensions see {@link #extensions}
     */
    public static View of(
            Settings settings,
            List<Glob> additional,
            Collection<String> files,
            Map<String, Counts> tally,
            Set<String> extensions,
            LocalDate today) {
        View view = new View();
        Sources sources = Sources.of(settings, additional, extensions, today);
        Stream.concat(files.stream(), tally.keySet().stream())
                .distinct()
                .forEach(path -> view.add(path, sources.of(path), Optional.ofNullable(tally.get(path))));
        return view;
    }

    /** The extensions of the files that these tallies measure. */
    public static Set<String> extensions(Collection<String> measuredPaths) {
        return measuredPaths.stream()
                .map(Sources::extension)
                .filter(extension -> !extension.isEmpty())
                .collect(Collectors.toSet());
    }

    private void add(String path, Sources.Membership membership, Optional<Counts> counts) {
        if (!membership.source()) {
            return;
        }
        if (membership.excludedBecause().isPresent()) {
            excluded.put(path, membership.excludedBecause().get());
            standing.put(path, Standing.EXCLUDED);
            return;
        }
        counts.ifPresent(found -> measured.put(path, found));
        standing.put(path, counts.isPresent() ? Standing.MEASURED : Standing.UNMEASURED);
    }

    public Standing standing(String path) {
        return standing.getOrDefault(path, Standing.OUTSIDE);
    }

    /** The files whose path begins so, with their standing; those outside the view are not among them. */
    public SortedMap<String, Standing> below(String prefix) {
        return Collections.unmodifiableSortedMap(standing.subMap(prefix, prefix + Character.MAX_VALUE));
    }

    /** Why a file is left out; empty unless it is excluded. */
    public Optional<String> excludedBecause(String path) {
        return Optional.ofNullable(excluded.get(path));
    }

    /** The excluded files with their reasons. */
    public SortedMap<String, String> excluded() {
        return Collections.unmodifiableSortedMap(excluded);
    }

    /** The counts of each file that counts. */
    public SortedMap<String, Counts> measured() {
        return Collections.unmodifiableSortedMap(measured);
    }

    public Counts whole() {
        return measured.values().stream().reduce(Counts.NONE, Counts::plus);
    }

    /** The counts of the files that any of these patterns matches. */
    public Counts within(List<Glob> paths) {
        return measured.entrySet().stream()
                .filter(entry -> paths.stream().anyMatch(glob -> glob.matches(entry.getKey())))
                .map(Map.Entry::getValue)
                .reduce(Counts.NONE, Counts::plus);
    }

    public List<String> unmeasured() {
        return standing.entrySet().stream()
                .filter(entry -> entry.getValue() == Standing.UNMEASURED)
                .map(Map.Entry::getKey)
                .toList();
    }

    public List<String> unmeasuredWithin(List<Glob> paths) {
        return unmeasured().stream()
                .filter(path -> paths.stream().anyMatch(glob -> glob.matches(path)))
                .toList();
    }
}
