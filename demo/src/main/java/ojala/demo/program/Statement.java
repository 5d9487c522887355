package ojala.demo.program;

import java.util.ArrayList;
import java.util.List;

/**
 * A statement of a program, with the block below it. Lines are 1-based; a statement over several lines stands on its
 * first, its text is all of them.
 */
public final class Statement {
    /** What a statement does with its block. */
    public enum Kind {
        PLAIN,
        IF,
        ELSE,
        LOOP,
        TRY,
        CATCH,
        FUNCTION,
        CLASS,
        /** Nothing that runs, and nothing below it does: types, remarks. */
        SILENT
    }

    private final int line;
    private final Kind kind;
    private final String name;
    private final boolean measured;
    private final List<Statement> body = new ArrayList<>();
    private String text;
    private int lastLine;

    Statement(int line, Kind kind, String name, String text, boolean measured) {
        this.line = line;
        this.lastLine = line;
        this.kind = kind;
        this.name = name;
        this.text = text;
        this.measured = measured;
    }

    void continues(int number, String more) {
        text += " " + more;
        lastLine = number;
    }

    public int line() {
        return line;
    }

    public Kind kind() {
        return kind;
    }

    /** The name of a function or class; empty for all else. */
    public String name() {
        return name;
    }

    public String text() {
        return text;
    }

    /** Whether the language's tools count this line. */
    public boolean measured() {
        return measured;
    }

    public List<Statement> body() {
        return body;
    }

    /** The last line of it and its block. */
    public int lastLine() {
        return body.isEmpty()
                ? lastLine
                : Math.max(lastLine, body.get(body.size() - 1).lastLine());
    }

    /** Whether nothing after it in its block runs. */
    public boolean leaves() {
        return text.matches("(return|throw|raise|continue|break)\\b.*");
    }

    /** Whether its block begins by refusing what it was given. */
    public boolean refuses() {
        return !body.isEmpty() && body.get(0).text().matches("(throw|raise)\\b.*");
    }
}
