package ojala.core.tally;

import java.nio.charset.StandardCharsets;
import java.util.Arrays;

/**
 * Reads what {@link ByteWriter} wrote; anything else is an {@link IllegalStateException}, since stored bytes are
 * checked by digest.
 */
final class ByteReader {
    private final byte[] bytes;
    private int at;

    ByteReader(byte[] bytes) {
        this.bytes = bytes;
    }

    void expect(byte[] magic) {
        if (!Arrays.equals(raw(magic.length), magic)) {
            throw new IllegalStateException("stored bytes begin with another mark than " + Arrays.toString(magic));
        }
    }

    boolean atEnd() {
        return at == bytes.length;
    }

    byte[] raw(int length) {
        if (length < 0 || length > bytes.length - at) {
            throw new IllegalStateException("stored bytes end at " + bytes.length + ", " + (at + length) + " needed");
        }
        at += length;
        return Arrays.copyOfRange(bytes, at - length, at);
    }

    int octet() {
        return raw(1)[0] & 0xff;
    }

    long number() {
        long value = 0;
        for (int shift = 0; ; shift += 7) {
            int octet = octet();
            value |= (long) (octet & 0x7f) << shift;
            if (octet < 0x80) {
                return value;
            }
        }
    }

    int small() {
        return Math.toIntExact(number());
    }

    String text() {
        return new String(raw(small()), StandardCharsets.UTF_8);
    }
}
