package ojala.demo.report;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import ojala.demo.program.Program;
import ojala.demo.program.Statement;
import ojala.demo.reach.SourceReach;

/**
 * A decision of several conditions. Which of them were shown to matter follows from the sides that were taken: the
 * first with either side, the others only where both were.
 *
 * @param size conditions in it
 */
record Decision(int line, int size, boolean into, boolean past) {
    /** The decisions of a program, rising by line. */
    static List<Decision> of(Program program, SourceReach reach) {
        List<Decision> decisions = new ArrayList<>();
        Program.measured(program.statements())
                .filter(statement -> statement.kind() == Statement.Kind.IF)
                .forEach(statement -> {
                    int size =
                            (int) Stream.of(statement.text().split("&&|\\|\\|")).count();
                    SourceReach.Sides sides = reach.branches().get(statement.line());
                    if (size > 1 && sides != null) {
                        decisions.add(new Decision(statement.line(), size, sides.into() > 0, sides.past() > 0));
                    }
                });
        return decisions;
    }

    /** Whether a condition's outcome was shown to matter. */
    boolean shown(int condition, boolean outcome) {
        boolean first = condition == 0;
        return outcome ? into && (first || past) : past && (first || (into && condition == 1));
    }
}
