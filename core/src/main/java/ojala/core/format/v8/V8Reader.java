package ojala.core.format.v8;

import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import ojala.core.format.NoteKind;
import ojala.core.format.ReportSink;
import ojala.core.format.SourceTexts;
import ojala.core.format.UnreadableReport;
import ojala.core.json.JsonTokens;

/** Reads one report, one script at a time. */
final class V8Reader {
    private final JsonTokens json;
    private final SourceTexts texts;
    private final ReportSink sink;
    private boolean result;

    /** A function with its ranges, the outermost first. */
    record Function(String name, List<CountedRange> ranges) {}

    V8Reader(JsonTokens json, SourceTexts texts, ReportSink sink) {
        this.json = json;
        this.texts = texts;
        this.sink = sink;
    }

    void read() throws IOException, UnreadableReport {
        while (json.nextDocument()) {
            json.object(key -> {
                if (key.equals("result")) {
                    result = true;
                    json.array(this::script);
                }
            });
        }
        if (!result) {
            throw json.broken("there is no “result”");
        }
    }

    private void script() throws IOException, UnreadableReport {
        String[] url = {""};
        List<Function> functions = new ArrayList<>();
        json.object(key -> {
            switch (key) {
                case "url" -> url[0] = json.text();
                case "functions" -> json.array(() -> functions.add(function()));
                default -> {}
            }
        });
        if (url[0].isEmpty() || url[0].startsWith("node:") || !url[0].contains("/")) {
            sink.skipped("scripts of the engine itself");
            return;
        }
        Optional<String> text = texts.text(url[0]);
        if (text.isEmpty()) {
            sink.skipped("scripts whose text is not at hand");
            return;
        }
        ScriptText script = new ScriptText(text.get());
        boolean within = functions.stream()
                .flatMap(function -> function.ranges().stream())
                .allMatch(range -> range.end() <= script.length());
        if (!within) {
            sink.note(
                    NoteKind.OTHER_SOURCE,
                    json.line(),
                    url[0] + " has offsets past the end of its text: another text was measured; it is left out");
            return;
        }
        sink.startSource(url[0]);
        emit(script, functions);
        sink.endSource();
    }

    private Function function() throws IOException, UnreadableReport {
        String[] name = {""};
        List<CountedRange> ranges = new ArrayList<>();
        json.object(key -> {
            switch (key) {
                case "functionName" -> name[0] = json.text();
                case "ranges" -> json.array(() -> ranges.add(range()));
                default -> {}
            }
        });
        return new Function(name[0], ranges);
    }

    private CountedRange range() throws IOException, UnreadableReport {
        int[] place = {-1, -1};
        long[] count = {0};
        json.object(key -> {
            switch (key) {
                case "startOffset" -> place[0] = json.small();
                case "endOffset" -> place[1] = json.small();
                case "count" -> count[0] = json.whole();
                default -> {}
            }
        });
        if (place[0] < 0 || place[1] < place[0]) {
            throw json.broken("a range from " + place[0] + " to " + place[1]);
        }
        return new CountedRange(place[0], place[1], Math.max(count[0], 0));
    }

    private void emit(ScriptText script, List<Function> functions) {
        List<CountedRange> all = functions.stream()
                .flatMap(function -> function.ranges().stream())
                .toList();
        script.lines(CountedRange.innermost(all)).emit(sink);
        for (Function function : functions) {
            boolean wholeScript = function.name().isEmpty()
                    && !function.ranges().isEmpty()
                    && function.ranges().get(0).start() == 0;
            if (!wholeScript && !function.ranges().isEmpty()) {
                CountedRange body = function.ranges().get(0);
                int line = script.lineAt(body.start());
                sink.function(
                        line,
                        script.columnAt(body.start()),
                        script.lineAt(Math.max(body.start(), body.end() - 1)),
                        function.name().isEmpty() ? "(anonymous)" : function.name(),
                        body.count() > 0,
                        0);
            }
        }
    }
}
