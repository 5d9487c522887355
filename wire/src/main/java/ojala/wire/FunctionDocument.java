package ojala.wire;

import org.jspecify.annotations.Nullable;

/**
 * A function of a source.
 *
 * @param complexity cyclomatic, where a report tells it
 */
public record FunctionDocument(
        String name, int line, boolean covered, @Nullable Integer complexity) {}
