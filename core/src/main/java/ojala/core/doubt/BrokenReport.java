package ojala.core.doubt;

import java.util.List;

/** A report could not be read, so what it measured is not known. */
final class BrokenReport implements DoubtCheck {
    @Override
    public String kind() {
        return "broken-report";
    }

    @Override
    public String meaning() {
        return "A report could not be read, so what it measured is not known.";
    }

    @Override
    public List<Doubt> examine(DeliveryFacts delivery) {
        return delivery.reports().stream()
                .filter(report -> !report.readable())
                .map(report -> new Doubt(
                        kind(),
                        Doubt.Effect.MISSING,
                        "Suite " + delivery.slot() + ": " + report.name()
                                + " could not be read, so what it measured is missing.",
                        "See the receipt for the place, mend the step that writes the report, and send again."))
                .toList();
    }
}
