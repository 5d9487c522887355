package ojala.core.format.llvm;

import java.io.IOException;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import ojala.core.format.LineNumber;
import ojala.core.format.ReportSink;
import ojala.core.format.UnreadableReport;
import ojala.core.json.JsonTokens;

/** The functions of an export. Each is listed once for each of its instances; one source range is one function. */
final class Functions {
    private final Map<String, Map<Place, Told>> byFile = new LinkedHashMap<>();

    private record Place(int line, int column, int endLine) {}

    private record Told(String name, boolean covered) {
        Told with(Told other) {
            return new Told(name.compareTo(other.name) <= 0 ? name : other.name, covered || other.covered);
        }
    }

    void read(JsonTokens json) throws IOException, UnreadableReport {
        String[] name = {""};
        long[] count = {0};
        List<String> files = new ArrayList<>();
        List<int[]> first = new ArrayList<>();
        json.object(key -> {
            switch (key) {
                case "name" -> name[0] = json.text();
                case "count" -> count[0] = json.whole();
                case "filenames" -> json.array(() -> files.add(json.text()));
                case "regions" -> json.array(() -> region(json, first));
                default -> {}
            }
        });
        int file = first.isEmpty() ? 0 : first.get(0)[3];
        if (first.isEmpty() || file < 0 || file >= files.size()) {
            return;
        }
        int[] place = first.get(0);
        if (place[0] > 0 && place[0] <= LineNumber.LAST && place[2] >= place[0] && place[2] <= LineNumber.LAST) {
            byFile.computeIfAbsent(files.get(file), key -> new LinkedHashMap<>())
                    .merge(
                            new Place(place[0], place[1], place[2]),
                            new Told(LinkerName.readable(name[0]), count[0] > 0),
                            Told::with);
        }
    }

    /** {@code [line, column, endLine, endColumn, count, file, expandedFile, kind]}: the first of kind 0 is the body. */
    private static void region(JsonTokens json, List<int[]> first) throws IOException, UnreadableReport {
        if (!first.isEmpty()) {
            return;
        }
        int[] numbers = new int[8];
        int size = 0;
        for (json.open(); json.more(); size++) {
            if (size < numbers.length) {
                numbers[size] = json.small();
            }
        }
        if (size >= numbers.length && numbers[7] == 0) {
            first.add(new int[] {numbers[0], numbers[1], numbers[2], numbers[5]});
        }
    }

    /** Tells the functions of those sources that the export lists. */
    void emit(Set<String> sources, ReportSink sink) {
        byFile.forEach((file, functions) -> {
            if (!sources.contains(file)) {
                functions.forEach((place, told) -> sink.skipped("functions of files that are not listed"));
                return;
            }
            sink.resumeSource(file);
            functions.forEach((place, told) ->
                    sink.function(place.line(), place.column(), place.endLine(), told.name(), told.covered(), 0));
            sink.endSource();
        });
    }
}
