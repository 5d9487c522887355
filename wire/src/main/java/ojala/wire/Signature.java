package ojala.wire;

import java.nio.charset.StandardCharsets;
import java.security.GeneralSecurityException;
import java.security.MessageDigest;
import java.util.HexFormat;
import javax.crypto.Mac;
import javax.crypto.spec.SecretKeySpec;

/** The signature of a call between the service and a code host: HMAC-SHA-256 (RFC 2104) over the body, in a header. */
public final class Signature {
    public static final String HEADER = "Ojala-Signature";

    private Signature() {}

    public static String of(String body, String secret) {
        try {
            Mac mac = Mac.getInstance("HmacSHA256");
            mac.init(new SecretKeySpec(secret.getBytes(StandardCharsets.UTF_8), "HmacSHA256"));
            return "sha256=" + HexFormat.of().formatHex(mac.doFinal(body.getBytes(StandardCharsets.UTF_8)));
        } catch (GeneralSecurityException impossible) {
            throw new IllegalStateException("every JDK has HMAC-SHA-256", impossible);
        }
    }

    /** Compares in a time that does not depend on where the two differ. */
    public static boolean matches(String body, String secret, String signature) {
        return MessageDigest.isEqual(
                of(body, secret).getBytes(StandardCharsets.UTF_8), signature.getBytes(StandardCharsets.UTF_8));
    }
}
