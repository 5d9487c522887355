package ojala.demo.report;

import java.util.Map;
import java.util.SortedMap;
import java.util.function.BiFunction;
import ojala.demo.program.Program;
import ojala.demo.program.Statement;
import ojala.demo.reach.SourceReach;

/** An LCOV tracefile of a test run. */
public final class LcovText {
    private LcovText() {}

    /**
     * Writes a tracefile.
     *
     * @param root what paths are relative to; the run's working folder
     */
    public static String of(SortedMap<String, SourceReach> reached, Map<String, Program> programs, String root) {
        return of(reached, programs, root, "", (program, reach) -> "");
    }

    /**
     * Writes a tracefile with MC/DC.
     *
     * @param test the name that the lines belong to
     */
    public static String withConditions(
            SortedMap<String, SourceReach> reached, Map<String, Program> programs, String root, String test) {
        return of(reached, programs, root, test, LcovText::conditions);
    }

    private static String conditions(Program program, SourceReach reach) {
        StringBuilder text = new StringBuilder();
        for (Decision decision : Decision.of(program, reach)) {
            for (int i = 0; i < decision.size(); i++) {
                String head = "MCDC:" + decision.line() + "," + decision.size() + ",";
                text.append(head).append("t,").append(decision.shown(i, true) ? 1 : 0);
                text.append(',').append(i).append(",\n");
                text.append(head).append("f,").append(decision.shown(i, false) ? 1 : 0);
                text.append(',').append(i).append(",\n");
            }
        }
        return text.toString();
    }

    private static String of(
            SortedMap<String, SourceReach> reached,
            Map<String, Program> programs,
            String root,
            String test,
            BiFunction<Program, SourceReach, String> conditions) {
        StringBuilder text = new StringBuilder();
        reached.forEach((path, reach) -> {
            text.append("TN:")
                    .append(test)
                    .append("\nSF:")
                    .append(path.substring(root.length()))
                    .append('\n');
            for (Statement function : programs.get(path).functions()) {
                text.append("FN:").append(function.line()).append(',');
                text.append(function.lastLine())
                        .append(',')
                        .append(function.name())
                        .append('\n');
                text.append("FNDA:")
                        .append(reach.functions().get(function.name()))
                        .append(',');
                text.append(function.name()).append('\n');
            }
            int block = 0;
            for (Map.Entry<Integer, SourceReach.Sides> branch : reach.branches().entrySet()) {
                boolean reachedLine = reach.hits().get(branch.getKey()) > 0;
                String at = "BRDA:" + branch.getKey() + "," + block++ + ",";
                text.append(at)
                        .append("0,")
                        .append(taken(reachedLine, branch.getValue().into()))
                        .append('\n');
                text.append(at)
                        .append("1,")
                        .append(taken(reachedLine, branch.getValue().past()))
                        .append('\n');
            }
            text.append(conditions.apply(programs.get(path), reach));
            reach.hits()
                    .forEach((line, hits) -> text.append("DA:")
                            .append(line)
                            .append(',')
                            .append(hits)
                            .append('\n'));
            text.append("LF:").append(reach.hits().size()).append('\n');
            text.append("LH:")
                    .append(reach.hits().values().stream()
                            .filter(hits -> hits > 0)
                            .count())
                    .append('\n');
            text.append("end_of_record\n");
        });
        return text.toString();
    }

    private static String taken(boolean reachedLine, long times) {
        return reachedLine ? String.valueOf(times) : "-";
    }
}
