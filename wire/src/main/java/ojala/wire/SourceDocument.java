package ojala.wire;

import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * A source at a commit.
 *
 * @param text absent where the repository could not be read
 * @param changed the lines that the change in question added or modified
 */
public record SourceDocument(
        String path,
        String commit,
        String standing,
        @Nullable String because,
        @Nullable String text,
        String changed,
        List<LineDocument> lines,
        List<FunctionDocument> functions,
        List<ConditionDocument> conditions,
        Map<String, CountDocument> counts,
        List<String> suites) {}
