package ojala.core.path;

/**
 * A settings' answer to what matching can't solve: paths that begin with {@code from} begin with {@code to} instead.
 */
public record PathRewrite(String from, String to) {
    boolean applies(String cleaned) {
        return cleaned.startsWith(from);
    }

    String apply(String cleaned) {
        return to + cleaned.substring(from.length());
    }
}
