package ojala.wire;

import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A measurable line.
 *
 * @param state {@code covered}, {@code partial} or {@code missed}
 * @param hits absent where no report has them
 * @param sides absent where the line has no branches
 * @param ways the sides whose identity is known; empty where they are only counted
 * @param suites that reach it
 */
public record LineDocument(
        int line,
        String state,
        @Nullable Long hits,
        @Nullable CountDocument sides,
        boolean atLeast,
        List<SideDocument> ways,
        @Nullable CountDocument instructions,
        @Nullable CountDocument calls,
        List<String> suites,
        List<String> tests) {}
