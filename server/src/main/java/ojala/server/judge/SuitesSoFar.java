package ojala.server.judge;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.SortedSet;
import java.util.TreeSet;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import ojala.core.doubt.Doubt;
import ojala.core.judge.Awaited;
import ojala.core.settings.Settings;
import ojala.server.delivery.Delivery;

/**
 * Which suites came for a commit, and which are awaited. A suite is complete when all its parts came (those that the
 * settings name, or all of {@code k/n}), else after its first delivery. Waiting for one ends some time after the commit
 * was first heard of; from then on its absence is a doubt.
 *
 * @param nextDeadline when the next waiting ends
 */
record SuitesSoFar(List<Awaited> awaited, List<Doubt> doubts, Optional<Instant> nextDeadline) {
    private static final Duration DEFAULT_WAIT = Duration.ofHours(2);

    static SuitesSoFar of(Settings settings, List<Delivery> deliveries, Instant firstHeard, Instant now) {
        List<Awaited> awaited = new ArrayList<>();
        List<Doubt> doubts = new ArrayList<>();
        List<Delivery> unread =
                deliveries.stream().filter(delivery -> !delivery.read()).toList();
        unread.forEach(delivery -> awaited.add(new Awaited(delivery.suite(), unreadText(delivery), Optional.empty())));
        for (Settings.Suite suite : expected(settings, deliveries)) {
            Optional<String> missing = missing(suite, deliveries);
            if (missing.isEmpty()) {
                continue;
            }
            Instant deadline = firstHeard.plus(suite.waitFor());
            if (now.isBefore(deadline)) {
                awaited.add(new Awaited(suite.name(), missing.get(), Optional.of(deadline)));
            } else {
                doubts.add(neverCame(suite, missing.get()));
            }
        }
        if (deliveries.isEmpty() && awaited.isEmpty() && doubts.isEmpty()) {
            awaited.add(new Awaited("any suite", "nothing was delivered yet", Optional.empty()));
        }
        return new SuitesSoFar(
                awaited,
                doubts,
                awaited.stream().flatMap(a -> a.until().stream()).min(Comparator.naturalOrder()));
    }

    private static String unreadText(Delivery delivery) {
        return delivery.message() == null ? "received, being read" : delivery.message();
    }

    private static Doubt neverCame(Settings.Suite suite, String missing) {
        return new Doubt(
                "suite-missing",
                Doubt.Effect.MISSING,
                "Suite " + suite.name() + " did not arrive within " + text(suite.waitFor()) + ": " + missing + ".",
                "Look at the CI job that runs it, and let it send; “when-absent: ignore” does without it.");
    }

    private static String text(Duration duration) {
        return duration.toString().substring(2).toLowerCase(java.util.Locale.ROOT);
    }

    /** The suites that the settings name and await, and those that came in numbered parts. */
    private static List<Settings.Suite> expected(Settings settings, List<Delivery> deliveries) {
        SortedSet<String> seen =
                deliveries.stream().map(Delivery::suite).collect(Collectors.toCollection(TreeSet::new));
        settings.suites().forEach(suite -> seen.remove(suite.name()));
        List<Settings.Suite> expected = new ArrayList<>(settings.suites().stream()
                .filter(suite -> suite.whenAbsent() == Settings.WhenAbsent.WAIT)
                .toList());
        seen.forEach(name -> expected.add(new Settings.Suite(name, List.of(), Settings.WhenAbsent.WAIT, DEFAULT_WAIT)));
        return expected;
    }

    private static Optional<String> missing(Settings.Suite suite, List<Delivery> deliveries) {
        SortedSet<String> parts = deliveries.stream()
                .filter(delivery -> delivery.suite().equals(suite.name()))
                .map(Delivery::part)
                .collect(Collectors.toCollection(TreeSet::new));
        if (parts.isEmpty()) {
            return Optional.of("nothing of it was delivered yet");
        }
        List<String> wanted = suite.parts().isEmpty() ? numbered(parts) : suite.parts();
        List<String> lacking =
                wanted.stream().filter(part -> !parts.contains(part)).toList();
        return lacking.isEmpty()
                ? Optional.empty()
                : Optional.of(
                        (lacking.size() == 1 ? "part " : "parts ") + String.join(", ", lacking) + " of it missing");
    }

    /** All of {@code 1/n … n/n} where some of them came. */
    private static List<String> numbered(SortedSet<String> parts) {
        int n = parts.stream()
                .filter(part -> part.matches("\\d{1,4}/\\d{1,4}"))
                .mapToInt(part -> Integer.parseInt(part.substring(part.indexOf('/') + 1)))
                .max()
                .orElse(0);
        return IntStream.rangeClosed(1, n).mapToObj(k -> k + "/" + n).toList();
    }
}
