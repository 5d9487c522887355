package ojala.core.model;

import java.util.Collections;
import java.util.Optional;
import java.util.SortedMap;
import java.util.TreeMap;

/**
 * One source as one or more reports measured it: its coverage, and beside it what differs from run to run.
 *
 * @param hits absent where the format has none
 * @param tests the lines that each named test reached, where the report says
 */
public record Measurement(SourceCoverage coverage, Optional<Hits> hits, SortedMap<String, LineSet> tests) {
    public Measurement {
        tests = Collections.unmodifiableSortedMap(new TreeMap<>(tests));
    }

    public static Measurement of(SourceCoverage coverage) {
        return new Measurement(coverage, Optional.empty(), new TreeMap<>());
    }
}
