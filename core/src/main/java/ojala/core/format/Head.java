package ojala.core.format;

import java.io.BufferedInputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;

/** The first bytes of a file, at most {@link #LIMIT}: all that recognition looks at. Immutable. */
public final class Head {
    /** Bytes. */
    public static final int LIMIT = 8192;

    private final byte[] bytes;

    public Head(byte[] bytes) {
        this.bytes = Arrays.copyOf(bytes, Math.min(bytes.length, LIMIT));
    }

    /** Looks at the beginning of a stream and leaves the stream where it was. */
    public static Head peek(BufferedInputStream stream) throws IOException {
        stream.mark(LIMIT);
        byte[] bytes = stream.readNBytes(LIMIT);
        stream.reset();
        return new Head(bytes);
    }

    public boolean isEmpty() {
        return bytes.length == 0;
    }

    boolean isGzip() {
        return startsWith(0x1f, 0x8b);
    }

    boolean isZstd() {
        return startsWith(0x28, 0xb5, 0x2f, 0xfd);
    }

    /** Whether these are the first bytes of gzip or zstd data. */
    public boolean isPacked() {
        return isGzip() || isZstd();
    }

    public boolean startsWith(int... unsignedBytes) {
        if (bytes.length < unsignedBytes.length) {
            return false;
        }
        for (int i = 0; i < unsignedBytes.length; i++) {
            if ((bytes[i] & 0xff) != unsignedBytes[i]) {
                return false;
            }
        }
        return true;
    }

    /**
     * The head as text without a byte-order mark: UTF-16 if it begins so, else UTF-8; empty if it then holds a NUL,
     * which no text report does.
     */
    public String text() {
        if (startsWith(0xfe, 0xff) || startsWith(0, '<')) {
            return new String(bytes, StandardCharsets.UTF_16BE).replace("\uFEFF", "");
        }
        if (startsWith(0xff, 0xfe) || startsWith('<', 0)) {
            return new String(bytes, StandardCharsets.UTF_16LE).replace("\uFEFF", "");
        }
        for (byte one : bytes) {
            if (one == 0) {
                return "";
            }
        }
        String text = new String(bytes, StandardCharsets.UTF_8);
        return text.startsWith("\uFEFF") ? text.substring(1) : text;
    }
}
