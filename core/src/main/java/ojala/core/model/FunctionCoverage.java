package ojala.core.model;

import java.util.Comparator;

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
}
