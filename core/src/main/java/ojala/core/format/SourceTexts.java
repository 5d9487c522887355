package ojala.core.format;

import java.util.Optional;

/**
 * The texts of the sources that a report speaks of, for formats whose places are offsets into the text. Asked under the
 * path as reported.
 */
public interface SourceTexts {
    /** No text is at hand. */
    SourceTexts NONE = path -> Optional.empty();

    Optional<String> text(String reportedPath);
}
