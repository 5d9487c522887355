package ojala.wire;

import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * A file of a change; line sets are written {@code 1-3,7}.
 *
 * @param standing {@code measured}, {@code unmeasured}, {@code excluded} or {@code outside}
 */
public record ChangedSourceDocument(
        String path,
        @Nullable String oldPath,
        String standing,
        @Nullable String because,
        boolean inReport,
        String changed,
        String covered,
        String missed,
        String notMeasurable,
        Map<String, CountDocument> counts) {}
