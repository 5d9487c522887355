package ojala.core.export;

import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import ojala.core.format.cobertura.CoberturaWriter;
import ojala.core.format.exchange.ExchangeWriter;
import ojala.core.format.lcov.LcovWriter;

/** The formats that Ojala writes. A new one is a class and one row here. */
public final class Writers {
    public static final List<ReportWriter> ALL =
            List.of(new LcovWriter(), new CoberturaWriter(), new ExchangeWriter(), new CsvWriter());

    private Writers() {}

    public static Optional<ReportWriter> named(String name) {
        return ALL.stream().filter(writer -> writer.name().equals(name)).findFirst();
    }

    /** The names of all, for messages. */
    public static String names() {
        return ALL.stream().map(ReportWriter::name).collect(Collectors.joining(", "));
    }
}
