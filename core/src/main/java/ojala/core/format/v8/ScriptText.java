package ojala.core.format.v8;

import java.util.Arrays;
import java.util.List;
import ojala.core.format.LineHits;

/**
 * The text of a script and where its lines begin. A line is one of code unless it is blank or holds nothing but a
 * comment that begins on it or on a line before it.
 */
final class ScriptText {
    private final String text;
    private final int[] starts;

    ScriptText(String text) {
        this.text = text.startsWith("\uFEFF") ? text.substring(1) : text;
        this.starts = starts(this.text);
    }

    private static int[] starts(String text) {
        int[] starts = new int[16];
        int size = 1;
        for (int i = text.indexOf('\n'); i >= 0; i = text.indexOf('\n', i + 1)) {
            if (size == starts.length) {
                starts = Arrays.copyOf(starts, size * 2);
            }
            starts[size++] = i + 1;
        }
        return Arrays.copyOf(starts, size);
    }

    int length() {
        return text.length();
    }

    /** The line, from 1, that an offset lies on. */
    int lineAt(int offset) {
        int found = Arrays.binarySearch(starts, offset);
        return found >= 0 ? found + 1 : -found - 1;
    }

    /** The column, from 1, of an offset. */
    int columnAt(int offset) {
        return offset - starts[lineAt(offset) - 1] + 1;
    }

    /**
     * The lines of code with their hits: of each line the piece that ran most; a line is partial where code on it did
     * not run.
     *
     * @param pieces side by side, rising
     */
    LineHits lines(List<CountedRange> pieces) {
        LineHits lines = new LineHits();
        boolean inComment = false;
        int next = 0;
        for (int line = 1; line <= starts.length; line++) {
            int from = firstCode(line);
            int to = lastCode(line);
            boolean comment = inComment || text.startsWith("//", from) || text.startsWith("/*", from);
            if (from < to && (inComment || text.startsWith("/*", from))) {
                int end = text.indexOf("*/", inComment ? from : from + 2);
                inComment = end < 0 || end >= to;
                from = inComment ? to : skipBlanks(end + 2, to);
                comment = from >= to;
            }
            while (next < pieces.size() && pieces.get(next).end() <= from) {
                next++;
            }
            if (from >= to || comment || text.startsWith("#!", from)) {
                continue;
            }
            for (int i = next; i < pieces.size() && pieces.get(i).start() < to; i++) {
                CountedRange piece = pieces.get(i);
                if (hasCode(Math.max(from, piece.start()), Math.min(to, piece.end()))) {
                    lines.touch(line, piece.count());
                }
            }
        }
        return lines;
    }

    private int firstCode(int line) {
        return skipBlanks(starts[line - 1], end(line));
    }

    private int lastCode(int line) {
        int last = end(line);
        while (last > starts[line - 1] && Character.isWhitespace(text.charAt(last - 1))) {
            last--;
        }
        return last;
    }

    private int end(int line) {
        return line < starts.length ? starts[line] : text.length();
    }

    private int skipBlanks(int from, int to) {
        int at = from;
        while (at < to && Character.isWhitespace(text.charAt(at))) {
            at++;
        }
        return at;
    }

    private boolean hasCode(int from, int to) {
        return skipBlanks(from, to) < to;
    }
}
