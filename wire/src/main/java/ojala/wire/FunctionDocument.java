package ojala.wire;

import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * A function of a source.
 *
 * @param column where it starts, from 1; absent where no report tells it
 * @param endLine its last line; absent where no report tells it
 * @param complexity cyclomatic, where a report tells it
 * @param counts of its own lines, by name; empty where its last line is not known
 */
public record FunctionDocument(
        String name,
        int line,
        @Nullable Integer column,
        @Nullable Integer endLine,
        boolean covered,
        @Nullable Integer complexity,
        Map<String, CountDocument> counts) {}
