package ojala.core.format;

import com.github.luben.zstd.ZstdIOException;
import com.github.luben.zstd.ZstdInputStream;
import java.io.BufferedInputStream;
import java.io.EOFException;
import java.io.FilterInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.util.zip.GZIPInputStream;
import java.util.zip.ZipException;

/**
 * Unpacks gzip and zstd, known by their first bytes, and stops at a limit, so that a small file can't become a huge
 * one.
 */
public final class Unpacked extends FilterInputStream {
    private final long limitBytes;
    private long read;

    private Unpacked(InputStream in, long limitBytes) {
        super(in);
        this.limitBytes = limitBytes;
    }

    /**
     * Opens a stream that gives the unpacked bytes, at most {@code limitBytes}, and fails with {@link Refused} beyond.
     */
    public static InputStream open(InputStream packed, long limitBytes) throws IOException {
        BufferedInputStream buffered = new BufferedInputStream(packed);
        Head head = Head.peek(buffered);
        try {
            if (head.isGzip()) {
                return new Unpacked(new GZIPInputStream(buffered, 1 << 16), limitBytes);
            }
        } catch (EOFException | ZipException broken) {
            throw new Refused(0, "the gzip data is broken: pack the file again");
        }
        if (head.isZstd()) {
            return new Unpacked(new ZstdInputStream(buffered), limitBytes);
        }
        return new Unpacked(buffered, limitBytes);
    }

    @Override
    public int read() throws IOException {
        byte[] one = new byte[1];
        return read(one, 0, 1) < 0 ? -1 : one[0] & 0xff;
    }

    @Override
    public int read(byte[] buffer, int offset, int length) throws IOException {
        int got;
        try {
            got = super.read(buffer, offset, length);
        } catch (EOFException | ZipException | ZstdIOException broken) {
            throw new Refused(read, "the packed data breaks off or is damaged: pack the file again");
        }
        read += Math.max(got, 0);
        if (read > limitBytes) {
            throw new Refused(limitBytes, "unpacks to more than " + limitBytes + " bytes, the limit for one report");
        }
        return got;
    }

    /** The packed bytes can't be unpacked within the limit. */
    public static final class Refused extends IOException {
        private static final long serialVersionUID = 1;

        private final long atByte;

        Refused(long atByte, String message) {
            super(message);
            this.atByte = atByte;
        }

        /** How many unpacked bytes came before, from 0. */
        public long atByte() {
            return atByte;
        }
    }
}
