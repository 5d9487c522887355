package ojala.core.tally;

import java.io.ByteArrayOutputStream;
import java.nio.charset.StandardCharsets;

/** Writes the few shapes that canonical bytes are made of. */
final class ByteWriter {
    private final ByteArrayOutputStream out = new ByteArrayOutputStream();

    ByteWriter raw(byte[] bytes) {
        out.writeBytes(bytes);
        return this;
    }

    ByteWriter octet(int value) {
        out.write(value);
        return this;
    }

    /** Seven bits an octet, least significant first, the high bit says that more follow. The value is not negative. */
    ByteWriter number(long value) {
        long rest = value;
        while (rest > 0x7f) {
            out.write((int) (rest & 0x7f) | 0x80);
            rest >>>= 7;
        }
        out.write((int) rest);
        return this;
    }

    ByteWriter text(String text) {
        byte[] bytes = text.getBytes(StandardCharsets.UTF_8);
        return number(bytes.length).raw(bytes);
    }

    byte[] bytes() {
        return out.toByteArray();
    }
}
