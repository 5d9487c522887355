package ojala.git;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.LinkOption;
import java.nio.file.Path;
import java.util.Optional;
import java.util.SortedSet;
import java.util.TreeSet;
import org.eclipse.jgit.dircache.DirCacheIterator;
import org.eclipse.jgit.lib.FileMode;
import org.eclipse.jgit.lib.Repository;
import org.eclipse.jgit.treewalk.AbstractTreeIterator;
import org.eclipse.jgit.treewalk.FileTreeIterator;
import org.eclipse.jgit.treewalk.TreeWalk;
import org.eclipse.jgit.treewalk.WorkingTreeIterator;

/** The files of the working tree: tracked ones, and untracked ones that are not ignored. */
final class WorkTreeSnapshot implements Snapshot {
    private final Repository repository;

    WorkTreeSnapshot(Repository repository) {
        this.repository = repository;
    }

    @Override
    public SortedSet<String> paths() {
        SortedSet<String> paths = new TreeSet<>();
        try (TreeWalk walk = new TreeWalk(repository)) {
            int files = walk.addTree(new FileTreeIterator(repository));
            int index = walk.addTree(new DirCacheIterator(repository.readDirCache()));
            walk.getTree(files, FileTreeIterator.class).setDirCacheIterator(walk, index);
            while (walk.next()) {
                WorkingTreeIterator file = walk.getTree(files, WorkingTreeIterator.class);
                boolean tracked = walk.getTree(index, DirCacheIterator.class) != null;
                if (file == null || (!tracked && file.isEntryIgnored())) {
                    continue;
                }
                if (walk.isSubtree()) {
                    walk.enterSubtree();
                } else if (walk.getFileMode(files) != FileMode.GITLINK) {
                    paths.add(walk.getPathString());
                }
            }
        } catch (IOException failure) {
            throw new GitFailure("the working tree of " + repository + " can't be read", failure);
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
        Path root = repository.getWorkTree().toPath().toAbsolutePath().normalize();
        Path file = root.resolve(path).normalize();
        if (!file.startsWith(root) || !Files.isRegularFile(file, LinkOption.NOFOLLOW_LINKS)) {
            return Optional.empty();
        }
        try {
            return Optional.of(Files.readAllBytes(file));
        } catch (IOException failure) {
            throw new GitFailure(file + " can't be read", failure);
        }
    }

    @Override
    public AbstractTreeIterator iterator() {
        return new FileTreeIterator(repository);
    }
}
