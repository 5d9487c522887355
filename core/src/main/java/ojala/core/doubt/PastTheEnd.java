package ojala.core.doubt;

import java.util.List;

/** A report lists lines past the end of a file, so it was made from other source. */
final class PastTheEnd implements DoubtCheck {
    @Override
    public String kind() {
        return "past-the-end";
    }

    @Override
    public String meaning() {
        return "A report lists lines past the end of a file, so it was made from other source.";
    }

    @Override
    public List<Doubt> examine(DeliveryFacts delivery) {
        return delivery.reports().stream()
                .filter(report -> !report.pastTheEnd().isEmpty())
                .map(report -> new Doubt(
                        kind(),
                        Doubt.Effect.UNSURE,
                        "Suite " + delivery.slot() + ": " + report.name() + " lists lines past the end of "
                                + String.join(", ", report.pastTheEnd()) + ".",
                        "The report was made from other source than this commit: run the tests on it and send again."))
                .toList();
    }
}
