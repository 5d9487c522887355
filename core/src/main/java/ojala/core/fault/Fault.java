package ojala.core.fault;

/** Something wrong in a settings file: where, and what was expected instead. */
public record Fault(Place place, String message) {
    @Override
    public String toString() {
        return place + ": " + message;
    }
}
