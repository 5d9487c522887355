package ojala.wire;

import java.util.List;

/** The commit that the tests ran on: often a synthetic merge that no branch holds. The parents let it be made again. */
public record MeasuredCommit(String id, String tree, List<String> parents) {}
