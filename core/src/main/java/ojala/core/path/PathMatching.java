package ojala.core.path;

import java.text.Normalizer;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;

/**
 * Matches the paths of one report to the files of one commit. A path may have a part in front that the tree lacks (a
 * container's root), lack a part that the tree has (the run's working folder), or both. What most files of the report
 * agree on settles the rest; between equals nothing is guessed.
 */
public final class PathMatching {
    private static final int SHOWN_CANDIDATES = 8;

    /** From a path as reported to one in the tree: what to take off in front and what to put there. */
    private record Shift(String off, String on) {
        boolean isPlain() {
            return off.isEmpty() || on.isEmpty();
        }
    }

    private record Candidate(String path, Shift shift) {}

    private final Map<String, String> tree = new HashMap<>();
    private final Map<String, List<String>> byName = new HashMap<>();
    private final List<PathRewrite> rewrites;

    public PathMatching(Collection<String> treePaths, List<PathRewrite> rewrites) {
        this.rewrites = List.copyOf(rewrites);
        for (String path : treePaths) {
            String composed = Normalizer.normalize(path, Normalizer.Form.NFC);
            tree.put(composed, path);
            byName.computeIfAbsent(folded(name(composed)), key -> new ArrayList<>())
                    .add(composed);
        }
    }

    /**
     * Matches all paths of a report.
     *
     * @param roots the folders that the report says its paths are relative to; none if it does not say
     * @param reportPath where the report lay in the checkout, or any name of it: settles between equals
     */
    public List<PathMatch> match(Collection<String> reported, List<String> roots, String reportPath) {
        List<String> cleanRoots = roots.stream().map(CleanPath::of).toList();
        Map<String, List<Candidate>> candidates = new LinkedHashMap<>();
        Map<Shift, Integer> votes = new HashMap<>();
        for (String one : reported) {
            List<Candidate> found = candidates(CleanPath.of(one));
            candidates.put(one, found);
            found.forEach(candidate -> votes.merge(candidate.shift(), 1, Integer::sum));
        }
        Comparator<Candidate> better = better(votes, CleanPath.of(reportPath));
        return candidates.entrySet().stream()
                .map(entry -> choose(entry.getKey(), entry.getValue(), cleanRoots, votes, better))
                .toList();
    }

    private Comparator<Candidate> better(Map<Shift, Integer> votes, String reportPath) {
        Comparator<Candidate> byVotes = Comparator.comparingInt(candidate -> votes.getOrDefault(candidate.shift(), 0));
        return byVotes.thenComparingInt(candidate -> nearness(candidate.shift(), reportPath))
                .thenComparing(candidate -> candidate.shift().off().isEmpty()
                        && candidate.shift().on().isEmpty());
    }

    /** How deep the folder is, below the root, that both the report lies in and the shift puts in front. */
    private static int nearness(Shift shift, String reportPath) {
        return !shift.on().isEmpty() && reportPath.startsWith(shift.on())
                ? shift.on().split("/").length
                : 0;
    }

    /** What the report's own roots leave of the candidates: for each root the deepest folder that both end with. */
    private static List<Candidate> belowRoots(List<Candidate> candidates, List<String> roots) {
        Set<Candidate> left = new LinkedHashSet<>();
        for (String root : roots) {
            candidates.stream()
                    .filter(candidate -> candidate.shift().off().isEmpty())
                    .filter(candidate ->
                            ("/" + root + "/").endsWith("/" + candidate.shift().on()))
                    .max(Comparator.comparingInt(
                            candidate -> candidate.shift().on().length()))
                    .ifPresent(left::add);
        }
        return List.copyOf(left);
    }

    private PathMatch choose(
            String reported,
            List<Candidate> candidates,
            List<String> roots,
            Map<Shift, Integer> votes,
            Comparator<Candidate> better) {
        String cleaned = CleanPath.of(reported);
        for (PathRewrite rewrite : rewrites) {
            String rewritten = rewrite.applies(cleaned) ? tree.get(rewrite.apply(cleaned)) : null;
            if (rewritten != null) {
                return PathMatch.found(reported, rewritten, "by the settings' paths");
            }
        }
        if (cleaned.startsWith("../")) {
            return climbing(reported, cleaned, votes);
        }
        List<Candidate> rooted = belowRoots(candidates, roots);
        if (rooted.size() > 1) {
            return PathMatch.none(reported, "files below several of the report's roots fit", shown(rooted));
        }
        if (rooted.size() == 1) {
            return PathMatch.found(reported, tree.get(rooted.get(0).path()), how(rooted.get(0), cleaned));
        }
        List<Candidate> plausible = candidates.stream()
                .filter(c -> c.shift().isPlain() || votes.getOrDefault(c.shift(), 0) > 1)
                .toList();
        Optional<Candidate> best = plausible.stream().max(better);
        if (best.isEmpty()) {
            String why = candidates.isEmpty() ? "no file of this name in the commit" : "only the end of the path fits";
            return PathMatch.none(reported, why, shown(candidates));
        }
        List<Candidate> equals = plausible.stream()
                .filter(c -> better.compare(c, best.get()) == 0)
                .toList();
        if (equals.size() > 1) {
            return PathMatch.none(reported, "several files fit equally well", shown(equals));
        }
        return PathMatch.found(reported, tree.get(best.get().path()), how(best.get(), cleaned));
    }

    /**
     * A path above the run's folder is fine while it stays in the repository, seen from the folder that the others
     * agree on.
     */
    private PathMatch climbing(String reported, String cleaned, Map<Shift, Integer> votes) {
        return votes.entrySet().stream()
                .filter(entry -> entry.getKey().off().isEmpty())
                .sorted(Map.Entry.<Shift, Integer>comparingByValue().reversed())
                .map(entry -> tree.get(CleanPath.of(entry.getKey().on() + cleaned)))
                .filter(java.util.Objects::nonNull)
                .findFirst()
                .map(path -> PathMatch.found(reported, path, "seen from the run's folder"))
                .orElseGet(() -> PathMatch.none(reported, "the path climbs out of the repository", List.of()));
    }

    private static String how(Candidate candidate, String cleaned) {
        Shift shift = candidate.shift();
        String letterCase = (shift.on() + cleaned.substring(shift.off().length())).equals(candidate.path())
                ? ""
                : ", letter case aside";
        if (shift.off().isEmpty()) {
            return (shift.on().isEmpty() ? "as reported" : "below " + shift.on()) + letterCase;
        }
        return "without " + shift.off() + (shift.on().isEmpty() ? "" : ", below " + shift.on()) + letterCase;
    }

    private List<Candidate> candidates(String cleaned) {
        if (cleaned.startsWith("../")) {
            return List.of();
        }
        List<String> named = byName.getOrDefault(folded(name(cleaned)), List.of());
        List<Candidate> exact = fitting(cleaned, named, Function.identity());
        boolean foreign = ("/" + cleaned).matches(".*/(node_modules|site-packages|dist-packages)/.*");
        List<Candidate> all = exact.isEmpty() ? fitting(cleaned, named, PathMatching::folded) : exact;
        return foreign
                ? all.stream()
                        .filter(c -> c.path().contains("_modules/") || c.path().contains("-packages/"))
                        .toList()
                : all;
    }

    private static List<Candidate> fitting(String cleaned, List<String> paths, Function<String, String> spelling) {
        List<Candidate> fitting = new ArrayList<>();
        for (String path : paths) {
            int common = commonEnd(spelling.apply(cleaned), spelling.apply(path));
            boolean relative = !cleaned.startsWith("/");
            if (common > 0 && (common < path.length() || common <= cleaned.length())) {
                Shift shift = new Shift(
                        cleaned.substring(0, cleaned.length() - common), path.substring(0, path.length() - common));
                if (relative || !shift.off().isEmpty()) {
                    fitting.add(new Candidate(path, shift));
                }
            }
        }
        return fitting;
    }

    /** The length of the longest common end that begins at a segment's beginning in both. */
    private static int commonEnd(String a, String b) {
        int common = 0;
        int i = 0;
        while (i < a.length() && i < b.length() && a.charAt(a.length() - 1 - i) == b.charAt(b.length() - 1 - i)) {
            i++;
            boolean atA = i == a.length() || a.charAt(a.length() - 1 - i) == '/';
            boolean atB = i == b.length() || b.charAt(b.length() - 1 - i) == '/';
            if (atA && atB && a.charAt(a.length() - i) != '/') {
                common = i;
            }
        }
        return common;
    }

    private static List<String> shown(List<Candidate> candidates) {
        return candidates.stream()
                .map(Candidate::path)
                .sorted()
                .limit(SHOWN_CANDIDATES)
                .toList();
    }

    private static String name(String path) {
        return path.substring(path.lastIndexOf('/') + 1);
    }

    private static String folded(String text) {
        return text.toLowerCase(Locale.ROOT);
    }
}
