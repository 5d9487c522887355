package ojala.client.http;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.security.DigestInputStream;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.HexFormat;
import java.util.List;
import ojala.wire.Json;
import ojala.wire.Manifest;

/**
 * The key that makes a delivery the same delivery however often it is sent: a digest of all that is in it. A job whose
 * network broke after the service had taken the delivery in can simply send again, and nothing counts twice.
 */
public final class DeliveryKey {
    private DeliveryKey() {}

    /** Reads every file once. */
    public static String of(Manifest manifest, List<Upload> files) throws IOException {
        MessageDigest digest = sha256();
        digest.update(Json.write(manifest).getBytes(StandardCharsets.UTF_8));
        for (Upload upload : files) {
            digest.update(
                    ("\n" + upload.name() + "\n" + Files.size(upload.file()) + "\n").getBytes(StandardCharsets.UTF_8));
            try (InputStream in = new DigestInputStream(Files.newInputStream(upload.file()), digest)) {
                in.transferTo(java.io.OutputStream.nullOutputStream());
            }
        }
        return HexFormat.of().formatHex(digest.digest());
    }

    private static MessageDigest sha256() {
        try {
            return MessageDigest.getInstance("SHA-256");
        } catch (NoSuchAlgorithmException impossible) {
            throw new IllegalStateException("every Java has SHA-256", impossible);
        }
    }
}
