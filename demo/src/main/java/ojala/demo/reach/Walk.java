package ojala.demo.reach;

import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.function.Consumer;
import java.util.zip.CRC32;
import ojala.demo.program.Program;
import ojala.demo.program.Statement;
import ojala.demo.program.Statement.Kind;

/**
 * Walks the body of one function as its tests would run it. Which side of a condition is taken is decided by the
 * condition's own text and by how often the function is called: the more calls, the more sides. The same program and
 * the same tests always give the same walk.
 */
final class Walk {
    private static final double LEFT_BY_EACH_CALL = 0.7;
    private static final long ROUNDS = 4;

    private final Program program;
    private final int calls;
    private final boolean refused;
    private final SourceReach reach;
    private final Consumer<String> ran;

    /**
     * @param calls how often the function is called
     * @param refused whether some test expects it to refuse
     * @param ran takes the text of each statement that runs
     */
    Walk(Program program, int calls, boolean refused, SourceReach reach, Consumer<String> ran) {
        this.program = program;
        this.calls = calls;
        this.refused = refused;
        this.reach = reach;
        this.ran = ran;
    }

    /** Walks statements that are come to so many times; gives how often their end is come to. */
    long run(List<Statement> statements, long times) {
        long left = times;
        for (int i = 0; i < statements.size(); i++) {
            Statement statement = statements.get(i);
            left = switch (statement.kind()) {
                case PLAIN -> plain(statement, left);
                case IF -> {
                    int at = i;
                    i += chainLength(statements, i);
                    yield condition(statements, at, left);
                }
                case LOOP -> loop(statement, left);
                case TRY -> {
                    mark(statement, left);
                    yield run(statement.body(), left);
                }
                case CATCH -> {
                    long caught = refused ? Math.min(left, 1) : 0;
                    mark(statement, caught);
                    run(statement.body(), caught);
                    yield left;
                }
                case ELSE, SILENT, FUNCTION, CLASS -> left;
            };
        }
        return left;
    }

    private static boolean isOtherwise(Statement statement) {
        return statement.kind() == Kind.ELSE
                || statement.text().startsWith("} else if")
                || statement.text().startsWith("elif");
    }

    private static int chainLength(List<Statement> statements, int from) {
        int length = 0;
        while (from + length + 1 < statements.size() && isOtherwise(statements.get(from + length + 1))) {
            length++;
        }
        return length;
    }

    private long plain(Statement statement, long times) {
        mark(statement, times);
        return statement.leaves() ? 0 : times;
    }

    private long condition(List<Statement> statements, int at, long times) {
        Statement statement = statements.get(at);
        mark(statement, times);
        boolean into = times > 0 && (statement.refuses() ? refused : decided(statement, "into"));
        boolean past = times > 0 && (!into || decided(statement, "past"));
        long intoTimes = into ? Math.max(1, past ? times / 2 : times) : 0;
        long pastTimes = past ? Math.max(1, times - intoTimes) : 0;
        if (statement.measured()) {
            reach.branch(statement.line(), intoTimes, pastTimes);
        }
        long after = run(statement.body(), intoTimes);
        if (at + 1 < statements.size() && isOtherwise(statements.get(at + 1))) {
            Statement otherwise = statements.get(at + 1);
            return after
                    + (otherwise.kind() == Kind.ELSE
                            ? run(otherwise.body(), pastTimes)
                            : condition(statements, at + 1, pastTimes));
        }
        return after + pastTimes;
    }

    private long loop(Statement statement, long times) {
        mark(statement, times);
        run(statement.body(), times * ROUNDS);
        return times;
    }

    private void mark(Statement statement, long times) {
        if (statement.measured()) {
            reach.line(statement.line(), times);
        }
        if (times > 0) {
            ran.accept(statement.text());
        }
    }

    private boolean decided(Statement statement, String side) {
        CRC32 crc = new CRC32();
        crc.update((name() + side + statement.text()).getBytes(StandardCharsets.UTF_8));
        double place = (crc.getValue() * 2654435761L & 0xffffffffL) / (double) (1L << 32);
        return place >= Math.pow(LEFT_BY_EACH_CALL, calls);
    }

    /** The file's own name: a file that is moved runs as before. */
    private String name() {
        return program.path().substring(program.path().lastIndexOf('/') + 1);
    }
}
