package ojala.git;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.Optional;
import java.util.SortedSet;
import java.util.TreeSet;
import org.eclipse.jgit.lib.FileMode;
import org.eclipse.jgit.lib.ObjectId;
import org.eclipse.jgit.lib.ObjectReader;
import org.eclipse.jgit.lib.Repository;
import org.eclipse.jgit.treewalk.AbstractTreeIterator;
import org.eclipse.jgit.treewalk.CanonicalTreeParser;
import org.eclipse.jgit.treewalk.TreeWalk;

/** The files of one tree. */
final class CommitSnapshot implements Snapshot {
    private static final int LARGEST_TEXT = 16 << 20;

    private final Repository repository;
    private final ObjectId tree;

    CommitSnapshot(Repository repository, ObjectId tree) {
        this.repository = repository;
        this.tree = tree;
    }

    @Override
    public SortedSet<String> paths() {
        SortedSet<String> paths = new TreeSet<>();
        try (TreeWalk walk = new TreeWalk(repository)) {
            walk.addTree(tree);
            walk.setRecursive(true);
            while (walk.next()) {
                if (walk.getFileMode(0) != FileMode.GITLINK) {
                    paths.add(walk.getPathString());
                }
            }
        } catch (IOException failure) {
            throw new GitFailure("tree " + tree.name() + " can't be read from " + repository, failure);
        }
        return paths;
    }

    @Override
    public Optional<String> text(String path) {
        return content(path).map(bytes -> new String(bytes, StandardCharsets.UTF_8));
    }

    @Override
    public int lineCount(String path) {
        return content(path).map(Lines::count).orElse(0);
    }

    private Optional<byte[]> content(String path) {
        if (path.isEmpty()) {
            return Optional.empty();
        }
        try (ObjectReader reader = repository.newObjectReader();
                TreeWalk walk = TreeWalk.forPath(reader, path, tree)) {
            if (walk == null || (walk.getFileMode(0).getBits() & FileMode.TYPE_MASK) != FileMode.TYPE_FILE) {
                return Optional.empty();
            }
            return Optional.of(reader.open(walk.getObjectId(0)).getCachedBytes(LARGEST_TEXT));
        } catch (org.eclipse.jgit.errors.LargeObjectException tooLarge) {
            return Optional.empty();
        } catch (IOException failure) {
            throw new GitFailure(path + " can't be read from " + repository, failure);
        }
    }

    @Override
    public AbstractTreeIterator iterator() throws IOException {
        try (ObjectReader reader = repository.newObjectReader()) {
            return new CanonicalTreeParser(null, reader, tree);
        }
    }
}
