package ojala.core.doubt;

import java.util.List;

/** None of a report's files was found in the commit. */
final class NothingMatched implements DoubtCheck {
    @Override
    public String kind() {
        return "nothing-matched";
    }

    @Override
    public String meaning() {
        return "None of a report's files was found in the commit.";
    }

    @Override
    public List<Doubt> examine(DeliveryFacts delivery) {
        return delivery.reports().stream()
                .filter(report -> report.sources() > 0 && report.matched() == 0)
                .map(
                        report -> new Doubt(
                                kind(),
                                Doubt.Effect.MISSING,
                                "Suite " + delivery.slot() + ": " + report.name() + " mentions " + report.sources()
                                        + (report.sources() == 1 ? " file" : " files") + ", and none is in the commit.",
                                "Compare the paths in the receipt with the repository; “paths” in ojala.yaml can rewrite them."))
                .toList();
    }
}
