package ojala.core.path;

import java.text.Normalizer;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;

/**
 * The files of a commit, to be found by the end of their paths: an array of the paths with their segments turned round
 * and their letters folded, sorted, so that all paths of a common end stand together. A look-up costs the logarithm of
 * their number, however many share a name.
 */
final class Tree {
    private final Map<String, String> exact = new HashMap<>();
    private final String[] turned;
    private final String[] paths;

    Tree(Collection<String> treePaths) {
        List<String[]> entries = new ArrayList<>(treePaths.size());
        for (String path : treePaths) {
            String composed = Normalizer.normalize(path, Normalizer.Form.NFC);
            exact.put(composed, path);
            entries.add(new String[] {turned(composed), composed});
        }
        entries.sort((a, b) -> a[0].compareTo(b[0]));
        turned = entries.stream().map(entry -> entry[0]).toArray(String[]::new);
        paths = entries.stream().map(entry -> entry[1]).toArray(String[]::new);
    }

    /** {@code quay/src/Berth.java} is {@code berth.java/src/quay/}; a NUL for the slash sorts before all else. */
    private static String turned(String path) {
        StringBuilder turned = new StringBuilder(path.length() + 1);
        int end = path.length();
        while (end > 0) {
            int slash = path.lastIndexOf('/', end - 1);
            if (slash < end - 1) {
                turned.append(path, slash + 1, end).append('\0');
            }
            end = slash;
        }
        return turned.toString().toLowerCase(Locale.ROOT);
    }

    /** The tree's own spelling of a path, if it has exactly this one. */
    Optional<String> file(String path) {
        return Optional.ofNullable(exact.get(path));
    }

    /**
     * The paths that share the longest end with a path, whole segments only and letter case aside; those that share it
     * letter by letter alone if there are any. Empty if not even the name is there.
     *
     * @param most how many at most
     */
    List<String> sharingLongestEnd(String path, int most) {
        String wanted = turned(path);
        int at = Arrays.binarySearch(turned, wanted);
        int near = at >= 0 ? at : -at - 1;
        int common = 0;
        for (int i = Math.max(near - 1, 0); i <= near && i < turned.length; i++) {
            common = Math.max(common, commonSegments(wanted, turned[i]));
        }
        if (common == 0) {
            return List.of();
        }
        String end = wanted.substring(0, common);
        int from = first(end);
        int to = first(end + Character.MAX_VALUE);
        List<String> found = Arrays.asList(paths).subList(from, Math.min(to, from + most));
        String literal = end(path, end);
        List<String> letterByLetter =
                found.stream().filter(one -> one.endsWith(literal)).toList();
        return letterByLetter.isEmpty() ? found : letterByLetter;
    }

    /** The index of the first entry that is not less. */
    private int first(String key) {
        int at = Arrays.binarySearch(turned, key);
        while (at > 0 && turned[at - 1].equals(key)) {
            at--;
        }
        return at >= 0 ? at : -at - 1;
    }

    /** How far two turned paths agree, to the end of a segment. */
    private static int commonSegments(String a, String b) {
        int mismatch = 0;
        int whole = 0;
        while (mismatch < a.length() && mismatch < b.length() && a.charAt(mismatch) == b.charAt(mismatch)) {
            if (a.charAt(mismatch++) == '\0') {
                whole = mismatch;
            }
        }
        return whole;
    }

    /** The end of a path that a turned end stands for. */
    private static String end(String path, String turnedEnd) {
        int segments = (int) turnedEnd.chars().filter(one -> one == '\0').count();
        int at = path.length();
        for (int i = 0; i < segments; i++) {
            at = path.lastIndexOf('/', at - 1);
        }
        return path.substring(at + 1);
    }
}
