package ojala.core.export;

import java.io.IOException;
import java.io.Writer;
import java.util.SortedMap;
import ojala.core.model.Measurement;

/** Writes measurements in one format. Stateless. */
public interface ReportWriter {
    /** The short name in options: {@code lcov}. */
    String name();

    /** The name for people. */
    String title();

    /**
     * Writes all sources; the same measurements give the same text.
     *
     * @param sources by path
     * @return what the format can't say and these sources have
     */
    Losses write(SortedMap<String, Measurement> sources, Writer out) throws IOException;
}
