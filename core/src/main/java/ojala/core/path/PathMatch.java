package ojala.core.path;

import java.util.List;
import java.util.Optional;

/**
 * What became of one reported path.
 *
 * @param path in the commit's tree, if one was found
 * @param how it was matched, or why it was not
 * @param candidates paths of the tree that it might have been; empty when matched
 */
public record PathMatch(String reported, Optional<String> path, String how, List<String> candidates) {
    /** A path with the file that it names. */
    public static PathMatch found(String reported, String path, String how) {
        return new PathMatch(reported, Optional.of(path), how, List.of());
    }

    static PathMatch none(String reported, String why, List<String> candidates) {
        return new PathMatch(reported, Optional.empty(), why, candidates);
    }
}
