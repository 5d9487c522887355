package ojala.core.format;

import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import ojala.core.format.cobertura.Cobertura;
import ojala.core.format.lcov.Lcov;

/** The formats that Ojala reads, in the order in which they are asked. A new format is one package and one row here. */
public final class Formats {
    public static final List<Format> ALL = List.of(new Lcov(), new Cobertura());

    private Formats() {}

    /** The first format that recognises a report by its beginning. */
    public static Optional<Format> recognise(Head head) {
        return ALL.stream().filter(format -> format.recognises(head)).findFirst();
    }

    public static Optional<Format> named(String name) {
        return ALL.stream().filter(format -> format.name().equals(name)).findFirst();
    }

    /** The titles of all formats, for messages. */
    public static String titles() {
        return ALL.stream().map(Format::title).collect(Collectors.joining(", "));
    }
}
