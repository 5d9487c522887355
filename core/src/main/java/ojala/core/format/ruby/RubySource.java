package ojala.core.format.ruby;

import java.io.IOException;
import java.util.Optional;
import ojala.core.format.LineNumber;
import ojala.core.format.NoteKind;
import ojala.core.format.ReportSink;
import ojala.core.format.UnreadableReport;
import ojala.core.json.JsonTokens;

/** Reads what Ruby's Coverage says of one file. */
public final class RubySource {
    private final JsonTokens json;
    private final ReportSink sink;

    public RubySource(JsonTokens json, ReportSink sink) {
        this.json = json;
        this.sink = sink;
    }

    /** Takes the value that stands here as the file's. */
    public void read(String path) throws IOException, UnreadableReport {
        sink.startSource(path);
        if (json.atArray()) {
            lines();
        } else {
            json.object(key -> {
                switch (key) {
                    case "lines" -> lines();
                    case "oneshot_lines" -> oneshotLines();
                    case "branches" -> json.object(this::branch);
                    case "methods" -> json.object(this::method);
                    default -> sink.skipped("entries of an unknown kind");
                }
            });
        }
        sink.endSource();
    }

    /** {@code null} is not code; a text is what a filter left out. The list may end before the file does. */
    private void lines() throws IOException, UnreadableReport {
        if (json.atNull()) {
            return;
        }
        json.open();
        for (int line = 1; json.more(); line++) {
            if (json.atNumber()) {
                line(line, json.whole());
            } else if (json.atText()) {
                sink.skipped("ignored lines");
            } else if (!json.atNull()) {
                throw json.broken("a line's hits are a number or null");
            }
        }
    }

    private void line(int line, long hits) {
        if (hits < 0) {
            sink.note(NoteKind.NEGATIVE_HITS, json.line(), hits + " hits are counted as 0");
        }
        if (LineNumber.isPossible(line, json::line, sink)) {
            sink.line(line, Math.max(hits, 0));
        }
    }

    /** The lines that ran, in the order in which they first did. Which ones did not run is told by nobody. */
    private void oneshotLines() throws IOException, UnreadableReport {
        sink.note(
                NoteKind.NO_MISSES,
                json.line(),
                "one-shot lines name what ran only: nothing can be shown as missed; measure with lines instead");
        for (json.open(); json.more(); ) {
            int line = json.small();
            if (LineNumber.isPossible(line, json::line, sink)) {
                sink.state(line, ojala.core.model.LineState.COVERED);
            }
        }
    }

    /** {@code "[:if, 0, 3, 4, 7, 7]": {"[:then, 1, 4, 6, 4, 10]": 2, …}}; the numbers behind the kind are counters. */
    private void branch(String key) throws IOException, UnreadableReport {
        RubyKey branch = key(key, "branch");
        boolean possible = LineNumber.isPossible(branch.line(), json::line, sink);
        json.object(sideKey -> {
            RubyKey side = key(sideKey, "branch side");
            boolean taken = json.whole() > 0;
            if (possible) {
                sink.branchSide(
                        branch.line(), branch.kind() + "@" + branch.range(), side.kind() + "@" + side.range(), taken);
            }
        });
    }

    /** {@code "[Berth, :moor, 3, 2, 8, 5]": 2}. */
    private void method(String key) throws UnreadableReport {
        RubyKey method = key(key, "method");
        if (LineNumber.isPossible(method.line(), json::line, sink)) {
            sink.function(method.line(), method.column() + 1, method.endLine(), method.kind(), json.whole() > 0, 0);
        }
    }

    private RubyKey key(String text, String what) throws UnreadableReport {
        Optional<RubyKey> key = RubyKey.of(text);
        if (key.isEmpty()) {
            String shown = text.length() > 60 ? text.substring(0, 60) + "…" : text;
            throw json.broken("the key of a " + what + " can't be read: " + shown);
        }
        return key.get();
    }
}
