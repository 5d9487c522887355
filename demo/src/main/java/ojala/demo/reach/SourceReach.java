package ojala.demo.reach;

import java.util.SortedMap;
import java.util.TreeMap;

/** What a test run reached of one source: hits by line, and the sides of branching lines. */
public final class SourceReach {
    private final SortedMap<Integer, Long> hits = new TreeMap<>();
    private final SortedMap<Integer, Sides> branches = new TreeMap<>();
    private final SortedMap<String, Long> functions = new TreeMap<>();

    /** How often the block of a branching line ran, and how often it was passed over. */
    public record Sides(long into, long past) {
        public int taken() {
            return (into > 0 ? 1 : 0) + (past > 0 ? 1 : 0);
        }
    }

    void line(int line, long times) {
        hits.merge(line, times, Long::sum);
    }

    void branch(int line, long into, long past) {
        branches.put(line, new Sides(into, past));
    }

    void function(String name, long times) {
        functions.put(name, times);
    }

    /** By line, rising; 0 for a line that no test reached. */
    public SortedMap<Integer, Long> hits() {
        return hits;
    }

    public SortedMap<Integer, Sides> branches() {
        return branches;
    }

    /** How often each function was called. */
    public SortedMap<String, Long> functions() {
        return functions;
    }

    /** The same places with nothing reached. */
    public SourceReach nothing() {
        SourceReach nothing = new SourceReach();
        hits.keySet().forEach(line -> nothing.line(line, 0));
        branches.keySet().forEach(line -> nothing.branch(line, 0, 0));
        functions.keySet().forEach(name -> nothing.function(name, 0));
        return nothing;
    }
}
