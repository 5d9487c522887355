package ojala.core.doubt;

import java.util.List;

/** A report stops where its format asks for an end. */
final class CutOff implements DoubtCheck {
    @Override
    public String kind() {
        return "cut-off";
    }

    @Override
    public String meaning() {
        return "A report stops where its format asks for an end.";
    }

    @Override
    public List<Doubt> examine(DeliveryFacts delivery) {
        return delivery.reports().stream()
                .filter(report -> report.notes().contains(ojala.core.format.NoteKind.NO_END))
                .map(report -> new Doubt(
                        kind(),
                        Doubt.Effect.MISSING,
                        "Suite " + delivery.slot() + ": " + report.name()
                                + " stops without its end mark and may be cut off.",
                        "Check that the test run ended by itself and that the disk was not full, then send again."))
                .toList();
    }
}
