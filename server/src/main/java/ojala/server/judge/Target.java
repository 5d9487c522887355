package ojala.server.judge;

import org.jspecify.annotations.Nullable;

/**
 * What a head is judged for.
 *
 * @param branch that it would go to, or was pushed to
 * @param pullRequest its number; absent for a push
 */
record Target(String branch, @Nullable Integer pullRequest) {
    boolean push() {
        return pullRequest == null;
    }
}
