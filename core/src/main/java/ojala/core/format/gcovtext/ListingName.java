package ojala.core.format.gcovtext;

/**
 * The source that a listing's own name speaks of: {@code level.c.gcov}; with whole paths
 * {@code #ci#gauge#level.c.gcov}, where {@code ^} is a folder up; a header's with what included it,
 * {@code main.c##level.h.gcov}.
 */
final class ListingName {
    private ListingName() {}

    static String source(String fileName) {
        String name = fileName.replaceFirst("\\.gz$|\\.zst$", "").replaceFirst("\\.gcov$", "");
        String own = name.substring(name.lastIndexOf("##") < 0 ? 0 : name.lastIndexOf("##") + 2);
        String path = own.replace('#', '/').replace("^", "..");
        return path.isEmpty() ? "unnamed" : path;
    }
}
