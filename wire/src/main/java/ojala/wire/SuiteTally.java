package ojala.wire;

import java.util.List;
import java.util.Map;

/** What the deliveries of one suite cover of a commit, before any settings. */
public record SuiteTally(String suite, List<String> parts, Map<String, CountDocument> counts) {}
