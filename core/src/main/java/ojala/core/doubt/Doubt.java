package ojala.core.doubt;

/**
 * A diagnosed reason not to trust a measurement.
 *
 * @param kind a stable word for programs
 * @param message what was seen, and where
 * @param next the next step to take
 */
public record Doubt(String kind, Effect effect, String message, String next) {
    /** What a doubt does to the rules it touches. */
    public enum Effect {
        /** It is worth knowing and changes no rule. */
        INFORMS,
        /** Something is missing: what was found covered is covered, what was found missed may not be. */
        MISSING,
        /** What was found may be wrong either way. */
        UNSURE
    }
}
