package ojala.core.doubt;

import java.util.List;

/** A report was read and mentions no file. */
final class NoSources implements DoubtCheck {
    @Override
    public String kind() {
        return "no-sources";
    }

    @Override
    public String meaning() {
        return "A report was read and mentions no file.";
    }

    @Override
    public List<Doubt> examine(DeliveryFacts delivery) {
        return delivery.reports().stream()
                .filter(report -> report.readable() && report.sources() == 0)
                .map(report -> new Doubt(
                        kind(),
                        Doubt.Effect.MISSING,
                        "Suite " + delivery.slot() + ": " + report.name() + " mentions no file.",
                        "Look at the test run: it may have measured nothing, or another folder."))
                .toList();
    }
}
