package ojala.demo.report;

import java.util.Map;
import java.util.SortedMap;
import java.util.StringJoiner;
import java.util.TreeMap;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import ojala.demo.program.Program;
import ojala.demo.program.Statement;
import ojala.demo.reach.SourceReach;
import org.jspecify.annotations.Nullable;

/** gcov JSON of a test run: a document for each source, one after the other, as newer compilers write it. */
final class GcovJsonText {
    private static final String FOLDER = "gauge/";

    private GcovJsonText() {}

    static String of(SortedMap<String, SourceReach> reached, Map<String, Program> programs) {
        return reached.entrySet().stream()
                .map(one ->
                        document(one.getKey().substring(FOLDER.length()), programs.get(one.getKey()), one.getValue()))
                .collect(Collectors.joining("\n", "", "\n"));
    }

    private static String document(String name, Program program, SourceReach reach) {
        StringJoiner lines = new StringJoiner(",");
        Map<Integer, Decision> decisions = new TreeMap<>();
        Decision.of(program, reach).forEach(one -> decisions.put(one.line(), one));
        Map<Integer, Statement> statements = new TreeMap<>();
        Program.measured(program.statements()).forEach(one -> statements.put(one.line(), one));
        reach.hits()
                .forEach((line, hits) -> lines.add("{\"branches\": ["
                        + branches(reach.branches().get(line)) + "], \"calls\": ["
                        + calls(statements.get(line).text(), hits) + "], \"conditions\": ["
                        + (decisions.containsKey(line) ? conditions(decisions.get(line)) : "") + "], \"count\": " + hits
                        + ", \"line_number\": " + line + ", \"unexecuted_block\": false}"));
        String functions = program.functions().stream()
                .map(function -> function(function, reach.functions().get(function.name())))
                .collect(Collectors.joining(","));
        return "{\"gcc_version\": \"14.2.0\", \"files\": [{\"file\": \"" + name + "\", \"functions\": [" + functions
                + "], \"lines\": [" + lines + "]}], \"format_version\": \"2\", "
                + "\"current_working_directory\": \"/ci/harbour/gauge\", \"data_file\": \""
                + name.replace(".c", ".gcda") + "\"}";
    }

    private static String branches(SourceReach.@Nullable Sides sides) {
        return sides == null
                ? ""
                : "{\"count\": " + sides.into() + ", \"throw\": false, \"fallthrough\": true}, {\"count\": "
                        + sides.past() + ", \"throw\": false, \"fallthrough\": false}";
    }

    private static String calls(String statement, long times) {
        boolean calls = !statement.matches("(?:\\} )?(?:else )?(?:if|for|while|return) \\([^()]*\\).*")
                && statement.matches(".*\\b[a-z]+\\([^)].*");
        return calls ? "{\"source_block_id\": 2, \"destination_block_id\": 3, \"returned\": " + times + "}" : "";
    }

    private static String conditions(Decision decision) {
        String missedTrue = missed(decision, true);
        String missedFalse = missed(decision, false);
        return "{\"count\": " + decision.size() * 2 + ", \"covered\": 0, \"not_covered_true\": [" + missedTrue
                + "], \"not_covered_false\": [" + missedFalse + "]}";
    }

    private static String missed(Decision decision, boolean outcome) {
        return IntStream.range(0, decision.size())
                .filter(i -> !decision.shown(i, outcome))
                .mapToObj(String::valueOf)
                .collect(Collectors.joining(", "));
    }

    private static String function(Statement function, long times) {
        return "{\"name\": \"" + function.name() + "\", \"demangled_name\": \"" + function.name()
                + "\", \"start_line\": " + function.line() + ", \"start_column\": 1, \"end_line\": "
                + function.lastLine() + ", \"end_column\": 1, \"execution_count\": " + times + "}";
    }
}
