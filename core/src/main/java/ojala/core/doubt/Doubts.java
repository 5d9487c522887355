package ojala.core.doubt;

import java.util.List;

/** All checks of a delivery. A new one is one class and one row here. */
public final class Doubts {
    public static final List<DoubtCheck> ALL = List.of(
            new NoReport(),
            new BrokenReport(),
            new NoSources(),
            new AllZero(),
            new CutOff(),
            new NothingMatched(),
            new PastTheEnd());

    private Doubts() {}

    public static List<Doubt> of(DeliveryFacts delivery) {
        return ALL.stream().flatMap(check -> check.examine(delivery).stream()).toList();
    }
}
