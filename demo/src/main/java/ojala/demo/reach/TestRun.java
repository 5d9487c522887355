package ojala.demo.reach;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.SortedMap;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.function.Consumer;
import ojala.demo.program.Program;
import ojala.demo.program.Statement;
import ojala.demo.program.Statement.Kind;

/**
 * A run of tests over programs of one folder: the tests' text says which functions they call, and what runs calls
 * others. A program of which nothing is called is not loaded, and no report mentions it.
 */
public final class TestRun {
    /** Calls make calls; a call chain in the harbour is far shorter. */
    private static final int ROUNDS = 12;

    private final List<Program> programs;
    private final Mentions tests;

    public TestRun(List<Program> programs, String tests) {
        this.programs = programs;
        this.tests = Mentions.in(tests);
    }

    /** How often a function is called, and how often it is expected to refuse. */
    private record Demand(int calls, int refusals) {
        Demand plus(int moreCalls, int moreRefusals) {
            return new Demand(calls + moreCalls, refusals + moreRefusals);
        }
    }

    /** What was reached of each loaded program, by path. */
    public SortedMap<String, SourceReach> run() {
        Map<String, Demand> demands = new HashMap<>();
        SortedMap<String, SourceReach> reached = new TreeMap<>();
        for (int round = 0; round < ROUNDS; round++) {
            Map<String, Demand> next = new HashMap<>();
            programs.stream()
                    .flatMap(program -> program.functions().stream())
                    .map(Statement::name)
                    .distinct()
                    .forEach(name -> next.put(name, new Demand(tests.calls(name), tests.refusals(name))));
            reached = new TreeMap<>();
            for (Program program : programs) {
                walk(program, demands, next, reached);
            }
            if (next.equals(demands)) {
                break;
            }
            demands = next;
        }
        return loaded(reached);
    }

    private static void walk(
            Program program,
            Map<String, Demand> demands,
            Map<String, Demand> next,
            SortedMap<String, SourceReach> reached) {
        SourceReach reach = new SourceReach();
        for (Statement function : program.functions()) {
            Demand demand = demands.getOrDefault(function.name(), new Demand(0, 0));
            Set<String> called = new TreeSet<>();
            Consumer<String> ran = text -> Mentions.in(text).names().forEach(called::add);
            new Walk(program, demand.calls(), demand.refusals() > 0, reach, ran)
                    .run(function.body(), demand.calls() * 2L);
            reach.function(function.name(), demand.calls() * 2L);
            called.remove(function.name());
            called.stream()
                    .filter(next::containsKey)
                    .forEach(name -> next.computeIfPresent(
                            name, (key, had) -> had.plus(Math.min(demand.calls(), 3), demand.refusals() > 0 ? 1 : 0)));
        }
        reached.put(program.path(), reach);
    }

    /**
     * What stands outside functions runs when a program is loaded: for something of its own, or by one that imports it.
     */
    private SortedMap<String, SourceReach> loaded(SortedMap<String, SourceReach> reached) {
        SortedMap<String, SourceReach> loaded = new TreeMap<>();
        for (Program program : programs) {
            SourceReach reach = reached.get(program.path());
            boolean called = reach.functions().values().stream().anyMatch(times -> times > 0);
            if (called) {
                outside(program.statements(), reach);
                loaded.put(program.path(), reach);
            }
        }
        return loaded;
    }

    private static void outside(List<Statement> statements, SourceReach reach) {
        for (Statement statement : statements) {
            if (statement.kind() == Kind.SILENT) {
                continue;
            }
            if (statement.measured()) {
                reach.line(statement.line(), 1);
            }
            if (statement.kind() == Kind.CLASS) {
                outside(statement.body(), reach);
            }
        }
    }
}
