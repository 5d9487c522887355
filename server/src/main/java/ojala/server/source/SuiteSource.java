package ojala.server.source;

import java.util.Map;
import java.util.Optional;
import java.util.SortedMap;
import java.util.TreeMap;
import ojala.core.merge.SourceMerge;
import ojala.core.model.Hits;
import ojala.core.model.LineSet;
import ojala.core.model.Measurement;
import ojala.core.model.SourceCoverage;
import ojala.core.tally.Digest;
import ojala.core.tally.Tally;
import ojala.server.delivery.Deliveries;
import ojala.server.delivery.Delivery;
import ojala.server.project.Project;
import ojala.server.store.Objects;

/** What one suite measured of one source. */
record SuiteSource(String suite, Measurement measurement) {
    /** What a delivery brought; empty if it does not mention the source. */
    static Optional<SuiteSource> of(
            Project project, Delivery delivery, String path, Objects.Session store, Deliveries deliveries) {
        return Optional.ofNullable(delivery.root())
                .map(root -> new Tally(new Digest(root), store))
                .flatMap(tally -> tally.source(path))
                .map(coverage -> new SuiteSource(
                        delivery.suite(), measurement(coverage, deliveries.reach(project, delivery, path))));
    }

    private static Measurement measurement(SourceCoverage coverage, Optional<Deliveries.SourceReach> reach) {
        SortedMap<String, LineSet> tests = new TreeMap<>();
        reach.map(found -> found.reach().tests())
                .orElse(Map.of())
                .forEach((test, lines) -> tests.put(test, LineSet.parse(lines)));
        return new Measurement(
                coverage, reach.flatMap(found -> found.reach().counted()).map(Hits::new), tests);
    }

    SuiteSource plus(SuiteSource other) {
        return new SuiteSource(suite, SourceMerge.merge(measurement, other.measurement));
    }

    Optional<Long> hits(int line) {
        int index = measurement.coverage().lines().indexOf(line);
        return index < 0 ? Optional.empty() : measurement.hits().map(hits -> hits.at(index));
    }
}
