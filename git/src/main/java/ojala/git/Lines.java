package ojala.git;

import org.eclipse.jgit.diff.RawText;

/** Counts lines as git does: a last line without a line end is one. */
final class Lines {
    private Lines() {}

    static int count(byte[] content) {
        return new RawText(content).size();
    }
}
