package ojala.core.format.exchange;

import java.io.IOException;
import java.util.Arrays;
import ojala.core.format.LineNumber;
import ojala.core.format.Spread;
import ojala.core.format.UnreadableReport;
import ojala.core.json.JsonTokens;
import ojala.core.model.LineSet;

/** Reads lines written as ranges: {@code 1-3,7}. */
final class LineRanges {
    private final Spread spread;
    private int[] lines = new int[256];
    private int size;

    LineRanges(Spread spread) {
        this.spread = spread;
    }

    /** The lines of the text that stands here. */
    LineSet read(JsonTokens json) throws IOException, UnreadableReport {
        String text = json.text();
        size = 0;
        int at = 0;
        while (at < text.length()) {
            int comma = text.indexOf(',', at);
            int end = comma < 0 ? text.length() : comma;
            int dash = text.indexOf('-', at);
            int first = number(text, at, dash < 0 || dash > end ? end : dash);
            int last = dash < 0 || dash > end ? first : number(text, dash + 1, end);
            if (first < 1 || last < first || comma == text.length() - 1) {
                String range = text.substring(at, Math.min(end, at + 40));
                throw json.broken("“" + range + "” is no range of lines; they are written 1-3,7");
            }
            if (!spread.allows(first, last)) {
                throw json.broken(Spread.TOO_WIDE);
            }
            add(first, last);
            at = end + 1;
        }
        return LineSet.of(Arrays.copyOf(lines, size));
    }

    private void add(int first, int last) {
        int needed = size + last - first + 1;
        if (needed > lines.length) {
            lines = Arrays.copyOf(lines, Math.max(needed, lines.length * 2));
        }
        for (int line = first; line <= last; line++) {
            lines[size++] = line;
        }
    }

    /** One to eight digits up to the last possible line; -1 for anything else. */
    private static int number(String text, int from, int to) {
        if (to <= from || to - from > 8) {
            return -1;
        }
        int value = 0;
        for (int i = from; i < to; i++) {
            int digit = text.charAt(i) - '0';
            if (digit < 0 || digit > 9) {
                return -1;
            }
            value = value * 10 + digit;
        }
        return value > LineNumber.LAST ? -1 : value;
    }
}
