package ojala.core.view;

/** How a file of a commit stands in a view. */
public enum Standing {
    /** It belongs to the view and a report mentions it. */
    MEASURED,
    /** It belongs to the view and no report mentions it: unknown, neither 0 % nor 100 %. */
    UNMEASURED,
    /** The settings leave it out, with a reason. */
    EXCLUDED,
    /** It is not among the sources. */
    OUTSIDE
}
