package ojala.core.path;

import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.regex.Pattern;

/**
 * Matches the paths of one report to the files of one commit. A path may have a part in front that the tree lacks (a
 * container's root, a module's name), lack a part that the tree has (the run's working folder, a source root), or both.
 * What most files of the report agree on settles the rest, then what the path itself hints at, then where the report
 * lay; between equals nothing is guessed.
 *
 * <p>Costs the logarithm of the tree's size for each path. Immutable, for several threads.
 */
public final class PathMatching {
    private static final int SHOWN_CANDIDATES = 8;

    /** Of paths that share a longest end, so many are looked at; where more do, what others agree on is tried. */
    private static final int LOOKED_AT = 32;

    /** What so many shifts agree on most is tried for a path that too many files fit. */
    private static final int TRIED_SHIFTS = 16;

    /** Folders of what was installed, not written here. */
    private static final Pattern FOREIGN =
            Pattern.compile(".*/(node_modules|site-packages|dist-packages)/.*|/usr/(include|lib|lib64|share)/.*");

    private final Tree tree;
    private final GoModules goModules;
    private final List<PathRewrite> rewrites;

    private record Candidate(String path, Shift shift) {}

    private record Asked(String reported, String cleaned, List<Candidate> candidates) {}

    /** One report's paths while they are matched. */
    private final class Matching {
        private final List<String> roots;
        private final String reportPath;
        private final Map<Shift, Integer> votes = new HashMap<>();
        private final Comparator<Candidate> better;
        private List<Shift> agreedOn = List.of();

        Matching(List<String> roots, String reportPath) {
            this.roots = roots.stream().map(CleanPath::of).toList();
            this.reportPath = CleanPath.of(reportPath);
            this.better = Comparator.<Candidate>comparingInt(one -> votes.getOrDefault(one.shift(), 0))
                    .thenComparingInt(one -> one.shift().hints())
                    .thenComparingInt(one -> nearness(one.path()))
                    .thenComparing(one ->
                            one.shift().off().isEmpty() && one.shift().on().isEmpty());
        }

        List<PathMatch> match(Collection<String> reported) {
            List<Asked> asked = new ArrayList<>(reported.size());
            for (String one : reported) {
                String cleaned = CleanPath.of(one);
                List<Candidate> found = candidates(cleaned);
                asked.add(new Asked(one, cleaned, found));
                found.forEach(candidate -> votes.merge(candidate.shift(), 1, Integer::sum));
            }
            agreedOn = votes.entrySet().stream()
                    .filter(entry -> entry.getValue() > 1)
                    .sorted(Map.Entry.<Shift, Integer>comparingByValue().reversed())
                    .limit(TRIED_SHIFTS)
                    .map(Map.Entry::getKey)
                    .toList();
            return asked.stream().map(this::choose).toList();
        }

        private PathMatch choose(Asked asked) {
            String reported = asked.reported();
            String cleaned = asked.cleaned();
            for (PathRewrite rewrite : rewrites) {
                Optional<String> file = rewrite.applies(cleaned) ? tree.file(rewrite.apply(cleaned)) : Optional.empty();
                if (file.isPresent()) {
                    return PathMatch.found(reported, file.get(), "by the settings' paths");
                }
            }
            if (cleaned.startsWith("../")) {
                return climbing(reported, cleaned);
            }
            List<Candidate> rooted = belowRoots(cleaned);
            if (rooted.size() > 1) {
                return PathMatch.none(reported, "files below several of the report's roots fit", shown(rooted));
            }
            return rooted.isEmpty()
                    ? goModules
                            .match(reported, cleaned, tree)
                            .orElseGet(() -> settle(reported, cleaned, asked.candidates()))
                    : found(reported, cleaned, rooted.get(0));
        }

        /** What the report's own roots say: for each the deepest of its folders that has the file. */
        private List<Candidate> belowRoots(String cleaned) {
            Set<Candidate> found = new LinkedHashSet<>();
            if (!cleaned.startsWith("/")) {
                for (String root : roots) {
                    deepest(root, cleaned).ifPresent(found::add);
                }
            }
            return List.copyOf(found);
        }

        private Optional<Candidate> deepest(String root, String cleaned) {
            for (int at = root.startsWith("/") ? 1 : 0; ; ) {
                String on = root.substring(at).isEmpty() ? "" : root.substring(at) + "/";
                if (tree.file(on + cleaned).isPresent()) {
                    return Optional.of(new Candidate(on + cleaned, new Shift("", on)));
                }
                int slash = root.indexOf('/', at);
                if (on.isEmpty()) {
                    return Optional.empty();
                }
                at = slash < 0 ? root.length() : slash + 1;
            }
        }

        private PathMatch settle(String reported, String cleaned, List<Candidate> candidates) {
            List<Candidate> plausible = candidates.stream()
                    .filter(one -> one.shift().isPlain()
                            || votes.getOrDefault(one.shift(), 0) > 1
                            || one.shift().hints() > 0)
                    .toList();
            if (candidates.size() == LOOKED_AT) {
                plausible = agreed(cleaned).map(List::of).orElse(plausible);
            }
            Optional<Candidate> best = plausible.stream().max(better);
            if (best.isEmpty()) {
                String why =
                        candidates.isEmpty() ? "no file of this name in the commit" : "only the end of the path fits";
                return PathMatch.none(reported, why, shown(candidates));
            }
            List<Candidate> equals = plausible.stream()
                    .filter(one -> better.compare(one, best.get()) == 0)
                    .toList();
            return equals.size() > 1
                    ? PathMatch.none(reported, "several files fit equally well", shown(equals))
                    : found(reported, cleaned, best.get());
        }

        private Optional<Candidate> agreed(String cleaned) {
            return agreedOn.stream()
                    .filter(shift -> shift.fits(cleaned)
                            && tree.file(shift.apply(cleaned)).isPresent())
                    .findFirst()
                    .map(shift -> new Candidate(shift.apply(cleaned), shift));
        }

        /**
         * A path above the run's folder is fine while it stays in the repository, seen from the folder that the others
         * agree on.
         */
        private PathMatch climbing(String reported, String cleaned) {
            return votes.entrySet().stream()
                    .filter(entry -> entry.getKey().off().isEmpty())
                    .sorted(Map.Entry.<Shift, Integer>comparingByValue().reversed())
                    .flatMap(entry -> tree.file(CleanPath.of(entry.getKey().on() + cleaned)).stream())
                    .findFirst()
                    .map(path -> PathMatch.found(reported, path, "seen from the run's folder"))
                    .orElseGet(() -> PathMatch.none(reported, "the path climbs out of the repository", List.of()));
        }

        /** How many folders, from the root on, the file and the report have in common. */
        private int nearness(String path) {
            int common = 0;
            for (int slash = path.indexOf('/'); slash >= 0; slash = path.indexOf('/', slash + 1)) {
                if (!reportPath.startsWith(path.substring(0, slash + 1))) {
                    break;
                }
                common++;
            }
            return common;
        }

        private PathMatch found(String reported, String cleaned, Candidate candidate) {
            String letterCase = candidate.shift().apply(cleaned).equals(candidate.path()) ? "" : ", letter case aside";
            return PathMatch.found(
                    reported,
                    tree.file(candidate.path()).orElseThrow(),
                    candidate.shift().words() + letterCase);
        }
    }

    /** A matching to paths alone; Go's modules are then matched like any other path. */
    public PathMatching(Collection<String> treePaths, List<PathRewrite> rewrites) {
        this(treePaths, rewrites, path -> Optional.empty());
    }

    /**
     * A matching to the files of a commit.
     *
     * @param text of a file of the tree: the {@code go.mod} files are read
     */
    public PathMatching(
            Collection<String> treePaths, List<PathRewrite> rewrites, Function<String, Optional<String>> text) {
        this.rewrites = List.copyOf(rewrites);
        this.tree = new Tree(treePaths);
        this.goModules = new GoModules(treePaths, text);
    }

    /**
     * Matches all paths of a report.
     *
     * @param roots the folders that the report says its paths are relative to; none if it does not say
     * @param reportPath where the report lay in the checkout, or any name of it: settles between equals
     */
    public List<PathMatch> match(Collection<String> reported, List<String> roots, String reportPath) {
        return new Matching(roots, reportPath).match(reported);
    }

    private List<Candidate> candidates(String cleaned) {
        if (cleaned.startsWith("../")) {
            return List.of();
        }
        boolean foreign = FOREIGN.matcher(cleaned.startsWith("/") ? cleaned : "/" + cleaned)
                .matches();
        List<Candidate> fitting = new ArrayList<>();
        for (String path : tree.sharingLongestEnd(cleaned, LOOKED_AT)) {
            Shift shift = Shift.between(cleaned, path);
            boolean written = !foreign || FOREIGN.matcher("/" + path).matches();
            if (written && (!cleaned.startsWith("/") || !shift.off().isEmpty())) {
                fitting.add(new Candidate(path, shift));
            }
        }
        return fitting;
    }

    private static List<String> shown(List<Candidate> candidates) {
        return candidates.stream()
                .map(Candidate::path)
                .sorted()
                .limit(SHOWN_CANDIDATES)
                .toList();
    }
}
