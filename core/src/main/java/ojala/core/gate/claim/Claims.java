package ojala.core.gate.claim;

import java.util.List;

/** The claims that Ojala knows, in the order in which they are tried. A new claim is one class and one row here. */
public final class Claims {
    public static final List<ClaimKind> ALL =
            List.of(new AtLeast.Kind(), new UnmeasuredAtMost.Kind(), new MissedAtMost.Kind(), new FallByAtMost.Kind());

    private Claims() {}
}
