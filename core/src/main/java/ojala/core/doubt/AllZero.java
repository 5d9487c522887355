package ojala.core.doubt;

import java.util.List;

/** A report lists lines and none of them was reached. */
final class AllZero implements DoubtCheck {
    @Override
    public String kind() {
        return "all-zero";
    }

    @Override
    public String meaning() {
        return "A report lists lines and none of them was reached.";
    }

    @Override
    public List<Doubt> examine(DeliveryFacts delivery) {
        return delivery.reports().stream()
                .filter(report -> report.readable()
                        && report.lines().total() > 0
                        && report.lines().covered() == 0)
                .map(report -> new Doubt(
                        kind(),
                        Doubt.Effect.MISSING,
                        "Suite " + delivery.slot() + ": " + report.name() + " says that no line was reached at all.",
                        "Look at the test run: it may have been ended before it could write its counters."))
                .toList();
    }
}
