package ojala.core.doubt;

import java.util.List;

/** A job delivered no report at all. */
final class NoReport implements DoubtCheck {
    @Override
    public String kind() {
        return "no-report";
    }

    @Override
    public String meaning() {
        return "A job ran and found no report to deliver.";
    }

    @Override
    public List<Doubt> examine(DeliveryFacts delivery) {
        if (!delivery.reports().isEmpty()) {
            return List.of();
        }
        return List.of(new Doubt(
                kind(),
                Doubt.Effect.MISSING,
                "Suite " + delivery.slot() + ": the job ran and found no report.",
                "Look at the job's log: were the tests started with coverage, and where is the report written?"));
    }
}
