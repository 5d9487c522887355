package ojala.wire;

import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * A folder of a commit: folders first, then files, by name.
 *
 * @param path without a slash at its end; empty for the root
 * @param since the commit compared with
 */
public record FolderDocument(
        String commit,
        String path,
        @Nullable String since,
        Map<String, CountDocument> counts,
        List<FolderEntry> entries) {}
