package ojala.core.format;

import java.io.IOException;
import java.io.InputStream;

/** One report format: how it is recognised and how it is read. Stateless. */
public interface Format {
    /** The short name in options and JSON: {@code lcov}. */
    String name();

    /** The name for people: {@code LCOV tracefile}. */
    String title();

    /** The beginning of a small report of this format, for messages and documents. */
    String example();

    /** Whether a report that begins like this is of this format. Never throws; a name plays no part. */
    boolean recognises(Head head);

    /**
     * Reads a report to its end as a stream, without holding more than one source's data.
     *
     * @param origin what is known of the report beside its bytes
     * @throws UnreadableReport if the report is broken; what the sink got until then is to be dropped
     */
    void read(InputStream report, Origin origin, ReportSink sink) throws IOException, UnreadableReport;
}
