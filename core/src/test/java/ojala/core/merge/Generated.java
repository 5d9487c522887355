package ojala.core.merge;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.SortedMap;
import java.util.TreeMap;
import java.util.stream.IntStream;
import ojala.core.model.BranchCount;
import ojala.core.model.BranchShape;
import ojala.core.model.Condition;
import ojala.core.model.Count;
import ojala.core.model.FunctionCoverage;
import ojala.core.model.LineBranches;
import ojala.core.model.LineState;
import ojala.core.model.Lines;
import ojala.core.model.Portions;
import ojala.core.model.Side;
import ojala.core.model.SourceCoverage;
import ojala.core.model.Statements;

/** Coverage made up at random, from few names and lines so that pieces meet. */
public final class Generated {
    private final Random random;

    public Generated(long seed) {
        this.random = new Random(seed);
    }

    public SourceCoverage coverage() {
        return new SourceCoverage(
                lines(),
                branches(),
                distinct(this::function, FunctionCoverage::identity),
                distinct(this::condition, Condition::identity),
                new Statements(IntStream.range(0, random.nextInt(6))
                        .mapToObj(i -> statement())
                        .toList()),
                portions(),
                portions());
    }

    private Statements.Range statement() {
        int line = 1 + random.nextInt(4);
        return new Statements.Range(
                line, random.nextInt(3), line + random.nextInt(2), 0, random.nextInt(3), random.nextBoolean());
    }

    private Portions portions() {
        SortedMap<Integer, Count> portions = new TreeMap<>();
        for (int i = 0; i < random.nextInt(4); i++) {
            int total = 1 + random.nextInt(9);
            portions.put(1 + random.nextInt(6), new Count(random.nextInt(total + 1), total));
        }
        return Portions.of(portions);
    }

    private Lines lines() {
        int[] numbers = IntStream.rangeClosed(1, 12)
                .filter(line -> random.nextInt(3) > 0)
                .toArray();
        byte[] states = new byte[numbers.length];
        for (int i = 0; i < states.length; i++) {
            states[i] = (byte) LineState.values()[random.nextInt(3)].code();
        }
        return new Lines(numbers, states);
    }

    private SortedMap<Integer, LineBranches> branches() {
        SortedMap<Integer, LineBranches> branches = new TreeMap<>();
        for (int line = 1; line <= 4; line++) {
            if (random.nextBoolean()) {
                branches.put(line, sides());
            }
        }
        return branches;
    }

    private LineBranches sides() {
        List<BranchShape> shapes = random.nextInt(3) == 0 ? List.of() : List.of(shape());
        boolean counted = shapes.isEmpty() || random.nextInt(3) == 0;
        int total = 1 + random.nextInt(3);
        return new LineBranches(
                shapes,
                counted
                        ? Optional.of(new BranchCount(random.nextInt(total + 1), total, random.nextBoolean()))
                        : Optional.empty());
    }

    private BranchShape shape() {
        SortedMap<Side, Boolean> taken = new TreeMap<>();
        int sides = 2 + random.nextInt(2);
        for (int i = 0; i < sides; i++) {
            taken.put(new Side("0", String.valueOf(i)), random.nextBoolean());
        }
        return BranchShape.of(taken);
    }

    private FunctionCoverage function() {
        int column = random.nextInt(3);
        String name = List.of("moor", "cast_off", "pilot").get(random.nextInt(3));
        return new FunctionCoverage(
                1 + random.nextInt(3), column, random.nextInt(3), name, random.nextBoolean(), random.nextInt(4));
    }

    private Condition condition() {
        return new Condition(
                1 + random.nextInt(3),
                2,
                random.nextInt(2),
                random.nextBoolean() ? "t" : "f",
                "tide > 0",
                random.nextBoolean());
    }

    private <T extends Comparable<T>, K> List<T> distinct(
            java.util.function.Supplier<T> one, java.util.function.Function<T, K> identity) {
        java.util.Map<K, T> distinct = new TreeMap<>(java.util.Comparator.comparing(Object::toString));
        for (int i = 0; i < random.nextInt(5); i++) {
            T made = one.get();
            distinct.putIfAbsent(identity.apply(made), made);
        }
        return new ArrayList<>(distinct.values()).stream().sorted().toList();
    }
}
