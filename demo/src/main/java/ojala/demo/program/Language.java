package ojala.demo.program;

import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import ojala.demo.program.Statement.Kind;

/** The languages of the harbour, as far as their blocks go; all are indented by block. */
public enum Language {
    TYPESCRIPT(
            ".ts",
            "//",
            Pattern.compile("(?:export )?(?:async )?function (\\w+)\\(.*"),
            Pattern.compile("(?:private |async )*(\\w+)\\(.*\\{"),
            Pattern.compile("(?:export )?class (\\w+).*")),
    PYTHON(
            ".py",
            "#",
            Pattern.compile("def (\\w+)\\(.*"),
            Pattern.compile("def (\\w+)\\(.*"),
            Pattern.compile("class (\\w+).*")),
    JAVA(
            ".java",
            "//",
            Pattern.compile("(?:public |private |static |final )*[\\w<>\\[\\], ]+ (\\w+)\\(.*\\{"),
            Pattern.compile("(?:public |private )+(\\w+)\\(.*\\{"),
            Pattern.compile("(?:public |final )*(?:class|record|interface) (\\w+).*")),
    GO(
            ".go",
            "//",
            Pattern.compile("func (?:\\([^)]*\\) )?(\\w+)\\(.*"),
            Pattern.compile("func (?:\\([^)]*\\) )?(\\w+)\\(.*"),
            Pattern.compile("class (\\w+)")),
    C(
            ".c",
            "//",
            Pattern.compile("(?:static |unsigned |const )*\\w+ \\*?(\\w+)\\(.*\\{"),
            Pattern.compile("(?:static |unsigned |const )*\\w+ \\*?(\\w+)\\(.*\\{"),
            Pattern.compile("class (\\w+)"));

    private final String extension;
    private final String remark;
    private final Pattern function;
    private final Pattern method;
    private final Pattern type;

    Language(String extension, String remark, Pattern function, Pattern method, Pattern type) {
        this.extension = extension;
        this.remark = remark;
        this.function = function;
        this.method = method;
        this.type = type;
    }

    public static Optional<Language> of(String path) {
        for (Language language : values()) {
            if (path.endsWith(language.extension)) {
                return Optional.of(language);
            }
        }
        return Optional.empty();
    }

    boolean isRemark(String text) {
        return text.isEmpty()
                || text.startsWith(remark)
                || text.startsWith("/*")
                || text.startsWith("* ")
                || text.startsWith("*/");
    }

    /** Whether a line only closes what was opened. */
    boolean closes(String text) {
        return this != PYTHON && text.matches("[)\\]};,]+");
    }

    /** Whether a line opens a block, which the lines below it belong to. */
    boolean opens(String text) {
        return this == PYTHON
                ? text.endsWith(":")
                : text.endsWith("{") && kind(text) != Kind.PLAIN && !text.startsWith("return");
    }

    Statement statement(int line, String text) {
        Kind kind = kind(text);
        return new Statement(line, kind, name(text), text, measured(kind));
    }

    /** Python counts the lines that define and try; the tools for TypeScript count statements only. */
    private boolean measured(Kind kind) {
        return switch (kind) {
            case PLAIN, IF, LOOP -> true;
            case FUNCTION, CLASS, TRY -> this == PYTHON;
            case CATCH -> this == PYTHON;
            case ELSE, SILENT -> false;
        };
    }

    private Kind kind(String text) {
        String bare = text.startsWith("} ") ? text.substring(2) : text;
        if (this != PYTHON
                && bare.matches("(?:export )?(?:interface|type) .*|import .*|package .*|#.*|const .*\\($|@.*")) {
            return Kind.SILENT;
        }
        if (bare.startsWith("\"\"\"")) {
            return Kind.SILENT;
        }
        if (bare.matches("(?:if|elif)\\b.*")) {
            return Kind.IF;
        }
        if (bare.matches("else if\\b.*")) {
            return Kind.IF;
        }
        if (bare.matches("(?:else|finally)\\b.*")) {
            return Kind.ELSE;
        }
        if (bare.matches("(?:for|while)\\b.*")) {
            return Kind.LOOP;
        }
        if (bare.matches("try\\b.*")) {
            return Kind.TRY;
        }
        if (bare.matches("(?:catch|except)\\b.*")) {
            return Kind.CATCH;
        }
        if (this == C && bare.matches("typedef .*|extern .*")) {
            return Kind.SILENT;
        }
        if (type.matcher(bare).matches()) {
            return Kind.CLASS;
        }
        return name(bare).isEmpty() ? Kind.PLAIN : Kind.FUNCTION;
    }

    private String name(String text) {
        for (Pattern pattern : new Pattern[] {function, method, type}) {
            Matcher matcher = pattern.matcher(text);
            if (matcher.matches() && !matcher.group(1).matches("if|for|while|switch|catch|return|else|new")) {
                return matcher.group(1);
            }
        }
        return "";
    }

    /** How much deeper in brackets a line ends than it began; text in quotes aside. */
    int brackets(String text) {
        String bare = text.replaceAll("\"(?:[^\"\\\\]|\\\\.)*\"|'(?:[^'\\\\]|\\\\.)*'|`(?:[^`\\\\]|\\\\.)*`", "");
        return count(bare, "([{") - count(bare, ")]}");
    }

    private static int count(String text, String wanted) {
        return (int) text.chars().filter(one -> wanted.indexOf(one) >= 0).count();
    }
}
