package ojala.wire;

import java.math.BigDecimal;
import org.jspecify.annotations.Nullable;

/** The figure that a rule was judged by: covered and total, or a plain count, or percentage points with both counts. */
public record FoundDocument(
        @Nullable Long covered,
        @Nullable Long total,
        @Nullable Long count,
        @Nullable BigDecimal points,
        @Nullable CountDocument before) {}
