package ojala.core.format;

import java.io.BufferedInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.util.Optional;

/** From bytes to a report: unpack, recognise, read, collect. */
public final class ReportReader {
    private ReportReader() {}

    /**
     * Reads one report.
     *
     * @param limitBytes the most bytes that the report may have once unpacked
     * @throws UnreadableReport if no format recognises it, or it is broken, or it is larger than the limit
     */
    public static Report read(InputStream packed, long limitBytes) throws IOException, UnreadableReport {
        try (BufferedInputStream bytes = new BufferedInputStream(Unpacked.open(packed, limitBytes), 1 << 16)) {
            Head head = Head.peek(bytes);
            Optional<Format> format = Formats.recognise(head);
            if (format.isEmpty()) {
                throw Unrecognised.explain(head);
            }
            ReportCollector collector = new ReportCollector();
            format.get().read(bytes, collector);
            return collector.report(format.get());
        } catch (Unpacked.Refused refused) {
            throw new UnreadableReport("none", "byte " + refused.atByte(), refused.getMessage());
        }
    }
}
