package ojala.core.tally;

import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.HexFormat;

/** A SHA-256 of canonical bytes, as 64 lower-case hexadecimal digits. */
public record Digest(String hex) implements Comparable<Digest> {
    public Digest {
        if (hex.length() != 64) {
            throw new IllegalArgumentException("not a SHA-256: " + hex);
        }
    }

    public static Digest of(byte[] bytes) {
        return new Digest(HexFormat.of().formatHex(sha256().digest(bytes)));
    }

    /** A new computation, for streams. */
    public static MessageDigest sha256() {
        try {
            return MessageDigest.getInstance("SHA-256");
        } catch (NoSuchAlgorithmException impossible) {
            throw new IllegalStateException("every JDK has SHA-256", impossible);
        }
    }

    public byte[] bytes() {
        return HexFormat.of().parseHex(hex);
    }

    @Override
    public int compareTo(Digest other) {
        return hex.compareTo(other.hex);
    }
}
