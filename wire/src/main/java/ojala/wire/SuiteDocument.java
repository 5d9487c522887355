package ojala.wire;

import java.util.List;

/**
 * What a suite brought to a change.
 *
 * @param covered changed lines that it reaches
 * @param alone those of them that no other suite reaches
 */
public record SuiteDocument(String suite, List<String> parts, long covered, long alone) {}
