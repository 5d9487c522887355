package ojala.core.model;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/**
 * A function of a source.
 *
 * @param line where it starts, 1-based
 * @param column where it starts, 1-based; 0 where the format does not say
 * @param endLine its last line; 0 where the format does not say
 * @param complexity cyclomatic, 1 or more; 0 where the format does not say
 */
public record FunctionCoverage(int line, int column, int endLine, String name, boolean covered, int complexity)
        implements Comparable<FunctionCoverage> {
    private static final Comparator<FunctionCoverage> ORDER = Comparator.comparingInt(FunctionCoverage::line)
            .thenComparingInt(FunctionCoverage::column)
            .thenComparing(FunctionCoverage::name)
            .thenComparingInt(FunctionCoverage::endLine)
            .thenComparing(FunctionCoverage::covered)
            .thenComparingInt(FunctionCoverage::complexity);

    /** A function of unknown complexity. */
    public FunctionCoverage(int line, int column, int endLine, String name, boolean covered) {
        this(line, column, endLine, name, covered, 0);
    }

    @Override
    public int compareTo(FunctionCoverage other) {
        return ORDER.compare(this, other);
    }

    /**
     * What makes two reports speak of the same function: its place, and its name only where the place has no column.
     */
    public record Identity(int line, int column, String name) {}

    public Identity identity() {
        return new Identity(line, column, column > 0 ? "" : name);
    }

    /** The same function elsewhere. */
    public FunctionCoverage at(int otherLine, int otherEndLine) {
        return new FunctionCoverage(otherLine, column, otherEndLine, name, covered, complexity);
    }

    /**
     * The union with a report of the same function; of two names the lesser in text order stays, of two complexities
     * the higher.
     */
    public FunctionCoverage union(FunctionCoverage other) {
        String one = name.compareTo(other.name) <= 0 ? name : other.name;
        return new FunctionCoverage(
                line,
                column,
                Math.max(endLine, other.endLine),
                one,
                covered || other.covered,
                Math.max(complexity, other.complexity));
    }

    /** Of functions that start on one line each once, whether they are known by a column or by name only. */
    static List<FunctionCoverage> distinct(List<FunctionCoverage> ofLine) {
        List<FunctionCoverage> placed =
                ofLine.stream().filter(one -> one.column() > 0).toList();
        List<FunctionCoverage> named =
                ofLine.stream().filter(one -> one.column() == 0).toList();
        if (placed.isEmpty() || named.isEmpty()) {
            return ofLine;
        }
        List<FunctionCoverage> distinct = new ArrayList<>(placed);
        for (FunctionCoverage one : named) {
            int same = one.among(placed, placed.size() == 1 && named.size() == 1);
            if (same < 0) {
                distinct.add(one);
            } else {
                distinct.set(same, distinct.get(same).told(one));
            }
        }
        return distinct;
    }

    private int among(List<FunctionCoverage> placed, boolean onlyOnes) {
        for (int i = 0; i < placed.size(); i++) {
            if (onlyOnes || placed.get(i).name().equals(name)) {
                return i;
            }
        }
        return -1;
    }

    /** This one with what is told of it under its name alone. */
    private FunctionCoverage told(FunctionCoverage other) {
        return new FunctionCoverage(
                line,
                column,
                Math.max(endLine, other.endLine),
                name,
                covered || other.covered,
                Math.max(complexity, other.complexity));
    }
}
