package ojala.client.http;

import com.github.luben.zstd.ZstdOutputStream;
import java.io.BufferedInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.io.PipedInputStream;
import java.io.PipedOutputStream;
import java.io.UncheckedIOException;
import java.net.http.HttpRequest;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.util.List;
import java.util.UUID;
import ojala.core.format.Head;

/** A delivery as multipart/form-data (RFC 7578), written as it is sent: reports are packed with zstd on the way. */
record Multipart(String contentType, HttpRequest.BodyPublisher publisher) {
    private static final int PIPE_BYTES = 1 << 18;

    static Multipart of(String manifest, List<Upload> files, Progress progress) {
        String boundary = "ojala-" + UUID.randomUUID();
        return new Multipart(
                "multipart/form-data; boundary=" + boundary,
                HttpRequest.BodyPublishers.ofInputStream(() -> stream(boundary, manifest, files, progress)));
    }

    private static InputStream stream(String boundary, String manifest, List<Upload> files, Progress progress) {
        BrokenPipe in = new BrokenPipe();
        try {
            PipedOutputStream out = new PipedOutputStream(in);
            Thread writer = new Thread(() -> in.run(() -> write(out, boundary, manifest, files, progress)), "packing");
            writer.setDaemon(true);
            writer.start();
        } catch (IOException impossible) {
            throw new UncheckedIOException(impossible);
        }
        return in;
    }

    private static void write(OutputStream out, String boundary, String manifest, List<Upload> files, Progress progress)
            throws IOException {
        try (out) {
            header(out, boundary, "manifest\"", "application/json");
            out.write(manifest.getBytes(StandardCharsets.UTF_8));
            long total = 0;
            for (Upload upload : files) {
                total += Files.size(upload.file());
            }
            long sent = 0;
            for (Upload upload : files) {
                String name = upload.name().replaceAll("[\"\\r\\n]", "_");
                header(out, boundary, "report\"; filename=\"" + name + "\"", "application/zstd");
                sent = pack(out, upload, sent, total, progress);
            }
            out.write(("\r\n--" + boundary + "--\r\n").getBytes(StandardCharsets.UTF_8));
        }
    }

    private static void header(OutputStream out, String boundary, String name, String type) throws IOException {
        String lines = "\r\n--" + boundary + "\r\nContent-Disposition: form-data; name=\"" + name + "\r\nContent-Type: "
                + type + "\r\n\r\n";
        out.write(lines.getBytes(StandardCharsets.UTF_8));
    }

    private static long pack(OutputStream out, Upload upload, long before, long total, Progress progress)
            throws IOException {
        byte[] buffer = new byte[1 << 16];
        long sent = before;
        try (BufferedInputStream file = new BufferedInputStream(Files.newInputStream(upload.file()));
                OutputStream packed = packing(Head.peek(file), new Unclosed(out))) {
            for (int got = file.read(buffer); got >= 0; got = file.read(buffer)) {
                packed.write(buffer, 0, got);
                sent += got;
                progress.sent(sent, total);
            }
        }
        return sent;
    }

    /** What is packed already goes as it is. */
    private static OutputStream packing(Head head, OutputStream out) throws IOException {
        return head.isPacked() ? out : new ZstdOutputStream(out, 3);
    }

    /** Passes on all but the end: the next part follows in the same stream. */
    private static final class Unclosed extends OutputStream {
        private final OutputStream out;

        Unclosed(OutputStream out) {
            this.out = out;
        }

        @Override
        public void write(int octet) throws IOException {
            out.write(octet);
        }

        @Override
        public void write(byte[] bytes, int offset, int length) throws IOException {
            out.write(bytes, offset, length);
        }
    }

    /** A pipe whose reader learns of the writer's failure, instead of taking a cut body for a whole one. */
    private static final class BrokenPipe extends PipedInputStream {
        private volatile boolean broken;

        BrokenPipe() {
            super(PIPE_BYTES);
        }

        interface Writing {
            void run() throws IOException;
        }

        void run(Writing writing) {
            try {
                writing.run();
            } catch (IOException failure) {
                broken = true;
            }
        }

        @Override
        public synchronized int read(byte[] bytes, int offset, int length) throws IOException {
            int got = super.read(bytes, offset, length);
            if (got < 0 && broken) {
                throw new IOException("a report could not be read to its end");
            }
            return got;
        }
    }
}
