package ojala.server.judge;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.SortedMap;
import java.util.TreeMap;
import java.util.stream.Collectors;
import ojala.core.model.LineSet;
import ojala.core.tally.ObjectStore;
import ojala.core.tally.Tally;
import ojala.core.view.ChangeView;
import ojala.core.view.ChangedSource;
import ojala.server.delivery.Delivery;
import ojala.wire.SuiteDocument;

/** What each suite brought to a change. */
final class SuiteReach {
    private SuiteReach() {}

    static List<SuiteDocument> of(List<Delivery> current, ChangeView change, ObjectStore store) {
        SortedMap<String, List<Delivery>> bySuite = current.stream()
                .filter(Delivery::read)
                .collect(Collectors.groupingBy(Delivery::suite, TreeMap::new, Collectors.toList()));
        Map<String, Map<String, LineSet>> reached = new HashMap<>();
        bySuite.forEach((suite, deliveries) -> reached.put(suite, reach(deliveries, change, store)));
        return bySuite.entrySet().stream()
                .map(entry -> document(entry.getKey(), entry.getValue(), reached))
                .toList();
    }

    private static Map<String, LineSet> reach(List<Delivery> deliveries, ChangeView change, ObjectStore store) {
        Tally tally = BaseTallies.merge(deliveries, store);
        Map<String, LineSet> reached = new HashMap<>();
        for (ChangedSource source : change.measured()) {
            tally.source(source.path())
                    .ifPresent(found ->
                            reached.put(source.path(), found.lines().covered().intersect(source.changed())));
        }
        return reached;
    }

    private static SuiteDocument document(
            String suite, List<Delivery> deliveries, Map<String, Map<String, LineSet>> reached) {
        long covered = 0;
        long alone = 0;
        for (Map.Entry<String, LineSet> own : reached.get(suite).entrySet()) {
            covered += own.getValue().size();
            LineSet others = reached.entrySet().stream()
                    .filter(other -> !other.getKey().equals(suite))
                    .map(other -> other.getValue().getOrDefault(own.getKey(), LineSet.EMPTY))
                    .reduce(LineSet.EMPTY, LineSet::union);
            alone += own.getValue().minus(others).size();
        }
        List<String> parts = deliveries.stream()
                .map(Delivery::part)
                .filter(part -> !part.isEmpty())
                .distinct()
                .sorted()
                .toList();
        return new SuiteDocument(suite, parts, covered, alone);
    }
}
