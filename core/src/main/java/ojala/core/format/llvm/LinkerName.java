package ojala.core.format.llvm;

import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;

/**
 * Names of functions as a linker knows them, made readable as far as plain names go: {@code _ZN5gauge4Tide4riseEv} is
 * {@code gauge::Tide::rise}. What is harder stays as it is.
 */
final class LinkerName {
    /** LLVM puts the file before a function that only this file sees. */
    private static final Pattern FILE = Pattern.compile("^[^:]+\\.\\w+:(?!:)");

    /** Rust puts a digest at the end. */
    private static final Pattern DIGEST = Pattern.compile("h[0-9a-f]{16}");

    private LinkerName() {}

    static String readable(String name) {
        String own = FILE.matcher(name).replaceFirst("");
        if (!own.startsWith("_Z")) {
            return own;
        }
        int at = own.startsWith("_ZNK") ? 4 : own.startsWith("_ZN") ? 3 : 2;
        List<String> parts = new ArrayList<>();
        while (at < own.length() && Character.isDigit(own.charAt(at))) {
            int digits = at;
            while (digits < own.length() && digits - at < 5 && Character.isDigit(own.charAt(digits))) {
                digits++;
            }
            int length = Integer.parseInt(own.substring(at, digits));
            if (digits + length > own.length()) {
                return own;
            }
            parts.add(own.substring(digits, digits + length));
            at = digits + length;
        }
        if (!parts.isEmpty() && DIGEST.matcher(parts.get(parts.size() - 1)).matches()) {
            parts.remove(parts.size() - 1);
        }
        return parts.isEmpty() ? own : String.join("::", parts);
    }
}
