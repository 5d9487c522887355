package ojala.core.xml;

import java.io.FilterInputStream;
import java.io.IOException;
import java.io.InputStream;

/**
 * Stops a parser that is made to hold too much at once: no single tag, text or comment may be longer than the limit.
 */
final class Fuse extends FilterInputStream {
    /** Bytes; far above what any writer puts into one tag. */
    static final int LIMIT = 1 << 24;

    private long sinceLastEvent;

    Fuse(InputStream in) {
        super(in);
    }

    /** The fuse has blown. */
    static final class Blown extends IOException {
        private static final long serialVersionUID = 1;

        Blown() {
            super("one tag, text or comment is longer than " + LIMIT + " bytes");
        }
    }

    void event() {
        sinceLastEvent = 0;
    }

    @Override
    public int read() throws IOException {
        int got = super.read();
        passed(got < 0 ? 0 : 1);
        return got;
    }

    @Override
    public int read(byte[] buffer, int offset, int length) throws IOException {
        int got = super.read(buffer, offset, length);
        passed(Math.max(got, 0));
        return got;
    }

    private void passed(int bytes) throws Blown {
        sinceLastEvent += bytes;
        if (sinceLastEvent > LIMIT) {
            throw new Blown();
        }
    }
}
