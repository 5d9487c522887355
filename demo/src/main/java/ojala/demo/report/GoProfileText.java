package ojala.demo.report;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.SortedMap;
import ojala.demo.program.Program;
import ojala.demo.program.Statement;
import ojala.demo.reach.SourceReach;

/** A Go cover profile of a test run, in mode count: statements that always run together are a block. */
final class GoProfileText {
    private static final String MODULE = "harbour.example/port/beacon/";
    private static final String FOLDER = "beacon/";

    private GoProfileText() {}

    static String of(SortedMap<String, SourceReach> reached, Map<String, Program> programs) {
        StringBuilder text = new StringBuilder("mode: count\n");
        reached.forEach((path, reach) -> {
            String name = MODULE + path.substring(FOLDER.length());
            programs.get(path)
                    .functions()
                    .forEach(function -> blocks(function.body(), reach)
                            .forEach(block ->
                                    text.append(name).append(':').append(block).append('\n')));
        });
        return text.toString();
    }

    /** The blocks of a list of statements and of what is below them: {@code 5.2,7.20 2 1}. */
    private static List<String> blocks(List<Statement> statements, SourceReach reach) {
        List<String> blocks = new ArrayList<>();
        List<Statement> together = new ArrayList<>();
        for (Statement statement : statements) {
            if (statement.measured()) {
                together.add(statement);
            }
            if (!statement.body().isEmpty()) {
                flush(together, reach, blocks);
                blocks.addAll(blocks(statement.body(), reach));
            }
        }
        flush(together, reach, blocks);
        return blocks;
    }

    private static void flush(List<Statement> together, SourceReach reach, List<String> blocks) {
        if (together.isEmpty()) {
            return;
        }
        Statement first = together.get(0);
        Statement last = together.get(together.size() - 1);
        blocks.add(first.line() + ".2," + last.line() + "." + (2 + last.text().length()) + " " + together.size() + " "
                + reach.hits().getOrDefault(first.line(), 0L));
        together.clear();
    }
}
