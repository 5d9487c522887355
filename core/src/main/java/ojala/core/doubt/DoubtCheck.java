package ojala.core.doubt;

import java.util.List;

/** One way in which a measurement can't be trusted, and how to tell. */
public interface DoubtCheck {
    /** The stable word of its doubts. */
    String kind();

    /** What it recognises, in one sentence. */
    String meaning();

    List<Doubt> examine(DeliveryFacts delivery);
}
