package ojala.core.fault;

/** A place in a text, line and column from 1. */
public record Place(int line, int column) {
    @Override
    public String toString() {
        return "line " + line + ", column " + column;
    }
}
