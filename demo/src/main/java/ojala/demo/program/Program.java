package ojala.demo.program;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.List;
import java.util.stream.Stream;
import ojala.demo.program.Statement.Kind;

/** A source file, read by its indentation. */
public record Program(String path, Language language, List<Statement> statements) {
    private record Open(int indent, List<Statement> body) {}

    /** Reads a file of a known language. */
    public static Program read(String path, Language language, String text) {
        List<Statement> top = new ArrayList<>();
        Deque<Open> open = new ArrayDeque<>(List.of(new Open(0, top)));
        int depth = 0;
        Statement last = null;
        List<String> lines = text.lines().toList();
        for (int i = 0; i < lines.size(); i++) {
            String line = lines.get(i).strip();
            int indent = lines.get(i).length() - lines.get(i).stripLeading().length();
            if (depth > 0 && last != null) {
                last.continues(i + 1, line);
                depth += language.brackets(line);
                continue;
            }
            if (language.isRemark(line) || language.closes(line)) {
                continue;
            }
            while (open.size() > 1 && open.element().indent() > indent) {
                open.pop();
            }
            Statement statement = language.statement(i + 1, line);
            open.element().body().add(statement);
            last = statement;
            if (language.opens(line)) {
                open.push(new Open(indent + 1, statement.body()));
            } else {
                depth = language.brackets(line);
            }
        }
        return new Program(path, language, top);
    }

    /** Its functions, methods included, in order. */
    public List<Statement> functions() {
        return functions(statements).toList();
    }

    private static Stream<Statement> functions(List<Statement> statements) {
        return statements.stream().flatMap(statement -> switch (statement.kind()) {
            case FUNCTION -> Stream.of(statement);
            case CLASS -> functions(statement.body());
            default -> Stream.empty();
        });
    }

    /** All measured statements below these, those of functions too, in order. */
    public static Stream<Statement> measured(List<Statement> statements) {
        return statements.stream()
                .filter(statement -> statement.kind() != Kind.SILENT)
                .flatMap(statement ->
                        Stream.concat(Stream.of(statement).filter(Statement::measured), measured(statement.body())));
    }
}
