package ojala.demo.report;

import java.util.List;
import ojala.demo.program.Statement;

/** Cyclomatic complexity: one, and one more for each condition and loop. */
final class Complexity {
    private Complexity() {}

    static int of(Statement function) {
        return 1 + branching(function.body());
    }

    private static int branching(List<Statement> statements) {
        int branching = 0;
        for (Statement statement : statements) {
            boolean branches = statement.kind() == Statement.Kind.IF || statement.kind() == Statement.Kind.LOOP;
            branching += (branches ? statement.text().split("&&|\\|\\|").length : 0) + branching(statement.body());
        }
        return branching;
    }
}
