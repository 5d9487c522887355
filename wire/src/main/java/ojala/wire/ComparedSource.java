package ojala.wire;

import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * A file that two commits measured differently.
 *
 * @param oldPath its path in the older commit, where that is another one
 * @param before absent where the older commit does not measure it
 * @param after absent where the newer commit does not measure it
 * @param lost unchanged lines that were covered before and are missed now, in the newer commit's numbers
 * @param gained unchanged lines that were missed before and are covered now
 * @param bare lines that are new or changed and missed
 */
public record ComparedSource(
        String path,
        @Nullable String oldPath,
        @Nullable Map<String, CountDocument> before,
        @Nullable Map<String, CountDocument> after,
        String lost,
        String gained,
        String bare) {}
