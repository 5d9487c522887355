package ojala.core.export;

import java.io.IOException;
import java.io.Writer;
import java.util.Arrays;
import java.util.Optional;
import java.util.SortedMap;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import ojala.core.model.Count;
import ojala.core.model.CountName;
import ojala.core.model.Counts;
import ojala.core.model.Measurement;

/**
 * A table of counts as CSV (RFC 4180, with a head, lines ended by CR LF): a row for each file, a column covered and a
 * column total for each count; empty where no report has the count.
 */
final class CsvWriter implements ReportWriter {
    private static final String LINE_END = "\r\n";

    @Override
    public String name() {
        return "csv";
    }

    @Override
    public String title() {
        return "CSV table of counts";
    }

    @Override
    public Losses write(SortedMap<String, Measurement> sources, Writer out) throws IOException {
        String head = Arrays.stream(CountName.values())
                .flatMap(name -> Stream.of(name.word() + " covered", name.word() + " total"))
                .collect(Collectors.joining(","));
        out.write("file," + head + LINE_END);
        Losses losses = new Losses();
        for (var source : sources.entrySet()) {
            losses.add("lines, and all else that is not a sum");
            out.write(quoted(source.getKey()) + row(source.getValue().coverage().counts()) + LINE_END);
        }
        return losses;
    }

    private static String row(Counts counts) {
        return Arrays.stream(CountName.values())
                .map(counts::get)
                .map(CsvWriter::cells)
                .collect(Collectors.joining());
    }

    private static String cells(Optional<Count> count) {
        return count.map(one -> "," + one.covered() + "," + one.total()).orElse(",,");
    }

    private static String quoted(String text) {
        return text.matches("(?s).*[\",\r\n].*") ? '"' + text.replace("\"", "\"\"") + '"' : text;
    }
}
