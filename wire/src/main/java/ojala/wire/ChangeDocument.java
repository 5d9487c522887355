package ojala.wire;

import java.util.List;
import org.jspecify.annotations.Nullable;

/** A change against its merge base. */
public record ChangeDocument(@Nullable String mergeBase, List<ChangedSourceDocument> sources) {}
