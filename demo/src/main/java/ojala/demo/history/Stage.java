package ojala.demo.history;

import java.util.Optional;

/**
 * A place in the history: a commit of the main line, or a branch that leaves it there.
 *
 * @param commit of the main line, from 1
 */
public record Stage(int commit, Optional<String> branch) {
    public static Stage main(int commit) {
        return new Stage(commit, Optional.empty());
    }

    /** The name that mishaps are told under: the branch, or the commit's number. */
    public String name() {
        return branch.orElse(String.valueOf(commit));
    }
}
