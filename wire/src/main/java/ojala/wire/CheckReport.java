package ojala.wire;

/**
 * What the service tells a code host of a verdict.
 *
 * @param number the host keeps the report with the highest one for each commit and target
 */
public record CheckReport(String commit, String target, long number, String verdict, String headline, String page) {}
