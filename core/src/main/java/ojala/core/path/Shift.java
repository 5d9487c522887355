package ojala.core.path;

/**
 * From a path as reported to one in the tree: what to take off in front and what to put there.
 *
 * @param off ends with a slash, or is empty; so is {@code on}
 */
record Shift(String off, String on) {
    /** The shift between two paths that end alike, letter case aside. */
    static Shift between(String reported, String path) {
        int common = commonEnd(reported, path);
        return new Shift(reported.substring(0, reported.length() - common), path.substring(0, path.length() - common));
    }

    /** The length of the longest common end that begins at a segment's beginning in both. */
    private static int commonEnd(String a, String b) {
        int common = 0;
        for (int i = 1; i <= a.length() && i <= b.length(); i++) {
            if (!sameLetter(a.charAt(a.length() - i), b.charAt(b.length() - i))) {
                break;
            }
            boolean atA = i == a.length() || a.charAt(a.length() - i - 1) == '/';
            boolean atB = i == b.length() || b.charAt(b.length() - i - 1) == '/';
            if (atA && atB) {
                common = i;
            }
        }
        return common;
    }

    private static boolean sameLetter(char a, char b) {
        return a == b || Character.toLowerCase(a) == Character.toLowerCase(b);
    }

    /** Whether it only takes off, or only puts on. */
    boolean isPlain() {
        return off.isEmpty() || on.isEmpty();
    }

    /** How many of the folders taken off stand among those put on: the name of a module, say. */
    int hints() {
        int hints = 0;
        for (String folder : off.split("/")) {
            hints += !folder.isEmpty() && ("/" + on).contains("/" + folder + "/") ? 1 : 0;
        }
        return hints;
    }

    /** The path in the tree that it makes of a reported one that begins with {@link #off}. */
    String apply(String reported) {
        return on + reported.substring(off.length());
    }

    /** Whether it can be meant for a reported path: an absolute one loses its front. */
    boolean fits(String reported) {
        return reported.startsWith(off) && (!off.isEmpty() || !reported.startsWith("/"));
    }

    /** In words. */
    String words() {
        if (off.isEmpty()) {
            return on.isEmpty() ? "as reported" : "below " + on;
        }
        return "without " + off + (on.isEmpty() ? "" : ", below " + on);
    }
}
