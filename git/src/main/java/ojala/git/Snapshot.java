package ojala.git;

import java.io.IOException;
import java.util.Optional;
import java.util.SortedSet;
import org.eclipse.jgit.treewalk.AbstractTreeIterator;

/** The files of a repository at one moment: those of a commit, or those of the working tree. */
public interface Snapshot {
    /** The paths of all files; submodule entries are left out. */
    SortedSet<String> paths();

    /** A file's text, taken as UTF-8; empty if there is no such file. */
    Optional<String> text(String path);

    /** How many lines a file has; 0 if there is no such file. */
    int lineCount(String path);

    /** The same files for JGit's walks. */
    AbstractTreeIterator iterator() throws IOException;
}
