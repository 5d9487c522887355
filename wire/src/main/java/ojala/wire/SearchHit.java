package ojala.wire;

import org.jspecify.annotations.Nullable;

/**
 * Something of a project whose name was looked for.
 *
 * @param kind {@code file}, {@code change} or {@code commit}
 * @param name a path, a pull request's number, or a commit's id
 * @param detail its title, where it has one
 * @param commit at which the file stands; absent for others
 */
public record SearchHit(
        String kind, String name, String detail, @Nullable String commit) {}
