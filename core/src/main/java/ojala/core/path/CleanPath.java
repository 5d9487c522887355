package ojala.core.path;

import java.nio.charset.StandardCharsets;
import java.text.Normalizer;
import java.util.ArrayList;
import java.util.List;

/**
 * Brings a path as reported to one spelling: forward slashes, no scheme, no {@code .}, {@code ..} resolved, composed
 * letters.
 */
public final class CleanPath {
    private CleanPath() {}

    /** The cleaned path; absolute ones begin with a slash, a drive stays as {@code /C:/…}, leading {@code ../} stay. */
    public static String of(String reported) {
        if (isClean(reported)) {
            return reported;
        }
        String path = reported.strip();
        if (path.startsWith("file:")) {
            path = percentDecoded(path.substring(5)).replaceFirst("^/{2,}", "/");
        }
        path = path.replace('\\', '/');
        if (path.startsWith("//?/")) {
            path = path.substring(4);
        }
        if (path.startsWith(":/", 1) && Character.isLetter(path.charAt(0))) {
            path = "/" + path;
        }
        return Normalizer.normalize(resolved(path), Normalizer.Form.NFC);
    }

    /** Whether cleaning would change nothing: most paths are so, and a look at each letter tells. */
    private static boolean isClean(String path) {
        char before = '/';
        for (int i = 0; i < path.length(); i++) {
            char letter = path.charAt(i);
            boolean plain = letter > ' ' && letter < 0x7f && letter != '\\' && letter != ':';
            boolean odd = before == '/' && (letter == '.' || (letter == '/' && i > 0));
            if (!plain || odd) {
                return false;
            }
            before = letter;
        }
        return path.length() > 1 && before != '/';
    }

    private static String resolved(String path) {
        boolean absolute = path.startsWith("/");
        List<String> kept = new ArrayList<>();
        for (String segment : path.split("/")) {
            boolean up = segment.equals("..");
            if (segment.isEmpty() || segment.equals(".")) {
                continue;
            }
            if (up && !kept.isEmpty() && !kept.get(kept.size() - 1).equals("..")) {
                kept.remove(kept.size() - 1);
            } else if (!up || !absolute) {
                kept.add(segment);
            }
        }
        return (absolute ? "/" : "") + String.join("/", kept);
    }

    private static String percentDecoded(String text) {
        byte[] bytes = text.getBytes(StandardCharsets.UTF_8);
        byte[] decoded = new byte[bytes.length];
        int size = 0;
        for (int i = 0; i < bytes.length; i++) {
            int high = i + 2 < bytes.length && bytes[i] == '%' ? Character.digit(bytes[i + 1], 16) : -1;
            int low = high >= 0 ? Character.digit(bytes[i + 2], 16) : -1;
            if (low >= 0) {
                decoded[size++] = (byte) (high * 16 + low);
                i += 2;
            } else {
                decoded[size++] = bytes[i];
            }
        }
        return new String(decoded, 0, size, StandardCharsets.UTF_8);
    }
}
