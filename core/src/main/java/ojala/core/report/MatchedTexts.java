package ojala.core.report;

import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import ojala.core.format.SourceTexts;
import ojala.core.path.PathMatching;

/** The texts of a commit's files under the paths that reports give them, each path matched by itself. */
public final class MatchedTexts implements SourceTexts {
    private final PathMatching matching;
    private final Function<String, Optional<String>> text;

    /** @param text of a file of the commit */
    public MatchedTexts(PathMatching matching, Function<String, Optional<String>> text) {
        this.matching = matching;
        this.text = text;
    }

    @Override
    public Optional<String> text(String reportedPath) {
        return matching.match(List.of(reportedPath), List.of(), "")
                .get(0)
                .path()
                .flatMap(text);
    }
}
