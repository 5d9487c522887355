package ojala.core.text;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.stream.IntStream;
import ojala.core.format.UnreadableReport;

/**
 * The records of a report that has one a line, one at a time, in a buffer of their own: line ends (LF or CR LF), the
 * byte-order mark and surrounding blanks are gone. Works on bytes, because nearly all records hold numbers only.
 */
public final class RecordLines {
    private static final int LONGEST = 1 << 16;

    /** {@code DA:}, seven digits, a comma, eighteen digits, a line end. */
    private static final int LONGEST_PLAIN = 3 + 7 + 1 + 18 + 1;

    /** Blocks and ways of branches are mostly one digit: one text each is enough. */
    private static final String[] SHORT =
            IntStream.range(0, 128).mapToObj(Character::toString).toArray(String[]::new);

    private final InputStream in;
    private final String format;
    private byte[] buffer = new byte[1 << 17];
    private int next;
    private int filled;
    private int start;
    private int end;
    private long number;
    private boolean ended;
    private int after;

    /** @param format the name of the format that refusals are told under */
    public RecordLines(InputStream in, String format) {
        this.in = in;
        this.format = format;
    }

    /** Goes to the next record; false at the end of the report. */
    public boolean next() throws IOException, UnreadableReport {
        int newline = newlineFrom(next);
        while (newline < 0 && !ended) {
            int searched = filled - next;
            if (searched > LONGEST) {
                throw new UnreadableReport(
                        format,
                        "line " + (number + 1),
                        "a record longer than " + LONGEST + " bytes: this is no such report");
            }
            fill();
            newline = newlineFrom(next + searched);
        }
        if (newline < 0 && next == filled) {
            return false;
        }
        start = next;
        end = newline < 0 ? filled : newline;
        next = newline < 0 ? filled : newline + 1;
        number++;
        trim();
        return true;
    }

    /** Takes a plain line record: {@code DA:}, digits, a comma, digits, and nothing else. */
    public interface PlainLines {
        void line(int line, long hits);
    }

    /**
     * Takes all plain line records that follow, in one pass over their bytes. They are nearly all of a tracefile; what
     * is not plain, or not whole in the buffer, is left for {@link #next}.
     */
    public void takePlainLines(PlainLines taker) {
        byte[] bytes = buffer;
        int at = next;
        // what a plain record can have at most lies before the end, so that no digit needs to look for it
        int last = filled - LONGEST_PLAIN;
        while (at < last && bytes[at] == 'D' && bytes[at + 1] == 'A' && bytes[at + 2] == ':') {
            int i = at + 3;
            int line = bytes[i++] - '0';
            int digit = bytes[i] - '0';
            int mostDigits = i + 6;
            while (digit >= 0 && digit <= 9 && i < mostDigits) {
                line = line * 10 + digit;
                digit = bytes[++i] - '0';
            }
            int first = i + 1;
            long hits = (long) bytes[first] - '0';
            boolean plain = bytes[i] == ',' && line > 0 && hits >= 0 && hits <= 9;
            i = first + 1;
            digit = bytes[i] - '0';
            mostDigits = i + 17;
            while (digit >= 0 && digit <= 9 && i < mostDigits) {
                hits = hits * 10 + digit;
                digit = bytes[++i] - '0';
            }
            if (!plain || bytes[i] != '\n' || bytes[at + 3] < '0' || bytes[at + 3] > '9') {
                break;
            }
            taker.line(line, hits);
            at = i + 1;
            number++;
        }
        next = at;
    }

    private int newlineFrom(int from) {
        for (int i = from; i < filled; i++) {
            if (buffer[i] == '\n') {
                return i;
            }
        }
        return -1;
    }

    private void fill() throws IOException {
        if (next > 0) {
            System.arraycopy(buffer, next, buffer, 0, filled - next);
            filled -= next;
            next = 0;
        }
        if (filled == buffer.length) {
            buffer = Arrays.copyOf(buffer, buffer.length * 2);
        }
        int got = in.read(buffer, filled, buffer.length - filled);
        ended = got < 0;
        filled += Math.max(got, 0);
    }

    private void trim() {
        if (number == 1 && end - start >= 3 && buffer[start] == (byte) 0xef && buffer[start + 1] == (byte) 0xbb) {
            start += 3;
        }
        while (end > start && buffer[end - 1] <= ' ' && buffer[end - 1] >= 0) {
            end--;
        }
        while (start < end && buffer[start] <= ' ' && buffer[start] >= 0) {
            start++;
        }
    }

    /** The 1-based number of the current record's line. */
    public long number() {
        return number;
    }

    public int length() {
        return end - start;
    }

    /** The byte at an index of the record, from 0; a NUL beyond its end. */
    public byte at(int index) {
        return start + index < end ? buffer[start + index] : 0;
    }

    /** The record's text from an index on. */
    public String text(int from) {
        return text(from, length());
    }

    public String text(int from, int to) {
        if (to - from == 1 && buffer[start + from] >= 0) {
            return SHORT[buffer[start + from]];
        }
        return new String(buffer, start + from, Math.max(to - from, 0), StandardCharsets.UTF_8);
    }

    /** Whether the record begins with these bytes. */
    public boolean startsWith(byte[] prefix) {
        return length() >= prefix.length
                && Arrays.equals(buffer, start, start + prefix.length, prefix, 0, prefix.length);
    }

    /** A copy of the record's bytes before an index. */
    public byte[] bytesBefore(int to) {
        return Arrays.copyOfRange(buffer, start, start + to);
    }

    /** A refusal at this record. */
    public UnreadableReport broken(String what, String next) {
        String shown = text(0);
        return new UnreadableReport(
                format,
                "line " + number,
                what + " (“" + (shown.length() > 40 ? shown.substring(0, 40) + "…" : shown) + "”): " + next);
    }

    /** The index of a byte at or after {@code from}, or -1. */
    public int indexOf(char wanted, int from) {
        for (int i = start + from; i < end; i++) {
            if (buffer[i] == wanted) {
                return i - start;
            }
        }
        return -1;
    }

    public int lastIndexOf(char wanted) {
        for (int i = end - 1; i >= start; i--) {
            if (buffer[i] == wanted) {
                return i - start;
            }
        }
        return -1;
    }

    /**
     * The number whose decimal digits stand at an index; {@link Long#MAX_VALUE} for more than 18 of them, -1 for none.
     * {@link #after} is then the index behind them.
     */
    public long numberAt(int from) {
        byte[] bytes = buffer;
        int first = start + from;
        int at = first;
        long value = 0;
        while (at < end) {
            int digit = bytes[at] - '0';
            if (digit < 0 || digit > 9) {
                break;
            }
            value = value * 10 + digit;
            at++;
        }
        after = at - start;
        return at == first ? -1 : at - first > 18 ? Long.MAX_VALUE : value;
    }

    /** The index behind the digits that were read last. */
    public int after() {
        return after;
    }

    /**
     * The decimal digits from {@code from} to before {@code to} as a number; -1 if there is anything else or it is too
     * large.
     */
    public long digits(int from, int to) {
        if (to <= from || to - from > 18) {
            return -1;
        }
        long value = 0;
        for (int i = start + from; i < start + to; i++) {
            int digit = buffer[i] - '0';
            if (digit < 0 || digit > 9) {
                return -1;
            }
            value = value * 10 + digit;
        }
        return value;
    }
}
