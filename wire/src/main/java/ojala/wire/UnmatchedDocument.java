package ojala.wire;

import java.util.List;

/** A reported path that was not found in the commit, with what it might have been. */
public record UnmatchedDocument(String reportedAs, String why, List<String> candidates) {}
