package ojala.core.xml;

import org.codehaus.stax2.typed.TypedValueDecoder;

/**
 * Reads whole numbers of at most eighteen digits straight from the parser's buffer. Anything else is no error here: it
 * is marked, so that a reader can look at the text itself.
 */
final class WholeNumber extends TypedValueDecoder {
    private static final int MOST_DIGITS = 18;

    private long value;
    private boolean plain;

    long value() {
        return value;
    }

    /** Whether the last text was a whole number. */
    boolean plain() {
        return plain;
    }

    @Override
    public void decode(String text) {
        decode(text.toCharArray(), 0, text.length());
    }

    @Override
    public void decode(char[] buffer, int start, int end) {
        int from = start;
        int to = end;
        while (from < to && buffer[from] <= ' ') {
            from++;
        }
        while (to > from && buffer[to - 1] <= ' ') {
            to--;
        }
        boolean negative = from < to && buffer[from] == '-';
        from += negative ? 1 : 0;
        plain = to > from && to - from <= MOST_DIGITS;
        value = 0;
        for (int i = from; plain && i < to; i++) {
            int digit = buffer[i] - '0';
            plain = digit >= 0 && digit <= 9;
            value = value * 10 + digit;
        }
        value = negative ? -value : value;
    }

    @Override
    public void handleEmptyValue() {
        plain = false;
    }
}
