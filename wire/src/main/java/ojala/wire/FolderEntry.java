package ojala.wire;

import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * A folder, or a file, in a folder of a commit.
 *
 * @param kind {@code folder} or {@code file}
 * @param standing of a file: {@code measured}, {@code unmeasured} or {@code excluded}
 * @param because why a file is excluded
 * @param before its counts at the commit compared with, where that has it
 * @param measured how many files in it count; 1 or 0 for a file
 * @param missed the missed lines of a file, as ranges
 */
public record FolderEntry(
        String name,
        String path,
        String kind,
        @Nullable String standing,
        @Nullable String because,
        Map<String, CountDocument> counts,
        @Nullable Map<String, CountDocument> before,
        int measured,
        int unmeasured,
        int excluded,
        @Nullable String missed) {}
