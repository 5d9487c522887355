package ojala.core.format;

import java.io.BufferedInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.util.Optional;

/** From bytes to a report: unpack, recognise, read, collect. */
public final class ReportReader {
    private ReportReader() {}

    /**
     * Reads one report of the format that recognises it.
     *
     * @param limitBytes the most bytes that the report may have once unpacked
     * @throws UnreadableReport if no format recognises it, or it is broken, or it is larger than the limit
     */
    public static Report read(InputStream packed, long limitBytes, Origin origin) throws IOException, UnreadableReport {
        return read(packed, limitBytes, origin, ReportReader::recognised);
    }

    /** Reads one report of which nothing is known but its bytes. */
    public static Report read(InputStream packed, long limitBytes) throws IOException, UnreadableReport {
        return read(packed, limitBytes, Origin.UNKNOWN);
    }

    /** Reads one report as one of a given format, whatever it looks like. */
    public static Report readAs(Format format, InputStream packed, long limitBytes, Origin origin)
            throws IOException, UnreadableReport {
        return read(packed, limitBytes, origin, head -> format);
    }

    private interface Choice {
        Format of(Head head) throws UnreadableReport;
    }

    private static Format recognised(Head head) throws UnreadableReport {
        Optional<Format> format = Formats.recognise(head);
        if (format.isEmpty()) {
            throw Unrecognised.explain(head);
        }
        return format.get();
    }

    private static Report read(InputStream packed, long limitBytes, Origin origin, Choice choice)
            throws IOException, UnreadableReport {
        try (BufferedInputStream bytes = new BufferedInputStream(Unpacked.open(packed, limitBytes), 1 << 16)) {
            Format format = choice.of(Head.peek(bytes));
            ReportCollector collector = new ReportCollector();
            format.read(bytes, origin, collector);
            return collector.report(format);
        } catch (Unpacked.Refused refused) {
            throw new UnreadableReport("none", "byte " + refused.atByte(), refused.getMessage());
        }
    }
}
