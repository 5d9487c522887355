package ojala.core.format.exchange;

import java.io.IOException;
import java.io.StringWriter;
import java.io.Writer;
import java.util.Map;
import java.util.SortedMap;
import java.util.stream.IntStream;
import ojala.core.export.Losses;
import ojala.core.export.ReportWriter;
import ojala.core.model.BranchCount;
import ojala.core.model.BranchShape;
import ojala.core.model.Condition;
import ojala.core.model.FunctionCoverage;
import ojala.core.model.Hits;
import ojala.core.model.LineBranches;
import ojala.core.model.LineSet;
import ojala.core.model.LineState;
import ojala.core.model.Lines;
import ojala.core.model.Measurement;
import ojala.core.model.Portions;
import ojala.core.model.SourceCoverage;
import ojala.core.model.Statements;
import tools.jackson.core.JsonGenerator;
import tools.jackson.core.ObjectWriteContext;
import tools.jackson.core.json.JsonFactory;

/** Writes the exchange format; it loses nothing. */
public final class ExchangeWriter implements ReportWriter {
    private static final JsonFactory FACTORY = new JsonFactory();

    @Override
    public String name() {
        return Exchange.NAME;
    }

    @Override
    public String title() {
        return "Ojala exchange";
    }

    @Override
    public Losses write(SortedMap<String, Measurement> sources, Writer out) throws IOException {
        out.write("{\"ojala\":\"" + Exchange.MARK + "\",\"version\":" + Exchange.VERSION + "}\n");
        for (Map.Entry<String, Measurement> source : sources.entrySet()) {
            StringWriter line = new StringWriter();
            try (JsonGenerator json = FACTORY.createGenerator(ObjectWriteContext.empty(), line)) {
                source(source.getKey(), source.getValue(), json);
            }
            out.write(line + "\n");
        }
        return new Losses();
    }

    private static void source(String path, Measurement measured, JsonGenerator json) {
        SourceCoverage coverage = measured.coverage();
        json.writeStartObject();
        json.writeStringProperty("source", path);
        lines(coverage.lines(), json);
        measured.hits().filter(hits -> hits.size() > 0).ifPresent(hits -> hits(hits, json));
        statements(coverage.statements(), json);
        portions("instructions", coverage.instructions(), json);
        portions("calls", coverage.calls(), json);
        branches(coverage.branches(), json);
        if (!coverage.functions().isEmpty()) {
            json.writeArrayPropertyStart("functions");
            coverage.functions().forEach(one -> function(one, json));
            json.writeEndArray();
        }
        if (!coverage.conditions().isEmpty()) {
            json.writeArrayPropertyStart("conditions");
            coverage.conditions().forEach(one -> condition(one, json));
            json.writeEndArray();
        }
        if (!measured.tests().isEmpty()) {
            json.writeObjectPropertyStart("tests");
            measured.tests().forEach((test, lines) -> json.writeStringProperty(test, lines.toString()));
            json.writeEndObject();
        }
        json.writeEndObject();
    }

    private static void lines(Lines lines, JsonGenerator json) {
        for (LineState state : LineState.values()) {
            LineSet those = LineSet.of(IntStream.range(0, lines.size())
                    .filter(i -> lines.state(i) == state)
                    .map(lines::number)
                    .toArray());
            if (!those.isEmpty()) {
                json.writeStringProperty(state.name().toLowerCase(java.util.Locale.ROOT), those.toString());
            }
        }
    }

    private static void hits(Hits hits, JsonGenerator json) {
        json.writeArrayPropertyStart("hits");
        for (int i = 0; i < hits.size(); i++) {
            json.writeNumber(hits.at(i));
        }
        json.writeEndArray();
    }

    private static void statements(Statements statements, JsonGenerator json) {
        if (statements.size() == 0) {
            return;
        }
        json.writeArrayPropertyStart("statements");
        for (int i = 0; i < statements.size(); i++) {
            Statements.Range range = statements.at(i);
            numbers(json, range.line(), range.column(), range.endLine(), range.endColumn(), range.howMany());
            json.writeBoolean(range.covered());
            json.writeEndArray();
        }
        json.writeEndArray();
    }

    private static void portions(String name, Portions portions, JsonGenerator json) {
        if (portions.size() == 0) {
            return;
        }
        json.writeArrayPropertyStart(name);
        for (int i = 0; i < portions.size(); i++) {
            numbers(json, portions.line(i), (int) portions.count(i).covered(), (int)
                    portions.count(i).total());
            json.writeEndArray();
        }
        json.writeEndArray();
    }

    /** Opens an array with numbers in it. */
    private static void numbers(JsonGenerator json, int... numbers) {
        json.writeStartArray();
        for (int number : numbers) {
            json.writeNumber(number);
        }
    }

    private static void branches(SortedMap<Integer, LineBranches> branches, JsonGenerator json) {
        if (branches.isEmpty()) {
            return;
        }
        json.writeArrayPropertyStart("branches");
        branches.forEach((line, sides) -> {
            json.writeStartObject();
            json.writeNumberProperty("line", line);
            if (!sides.shapes().isEmpty()) {
                json.writeArrayPropertyStart("shapes");
                sides.shapes().forEach(shape -> shape(shape, json));
                json.writeEndArray();
            }
            if (sides.counted().isPresent()) {
                BranchCount counted = sides.counted().get();
                json.writeName("counted");
                numbers(json, counted.covered(), counted.total());
                json.writeBoolean(counted.atLeast());
                json.writeEndArray();
            }
            json.writeEndObject();
        });
        json.writeEndArray();
    }

    private static void shape(BranchShape shape, JsonGenerator json) {
        json.writeStartArray();
        for (int i = 0; i < shape.sides().size(); i++) {
            json.writeStartArray();
            json.writeString(shape.sides().get(i).block());
            json.writeString(shape.sides().get(i).way());
            json.writeBoolean(shape.taken().get(i));
            json.writeEndArray();
        }
        json.writeEndArray();
    }

    private static void function(FunctionCoverage one, JsonGenerator json) {
        json.writeStartObject();
        json.writeNumberProperty("line", one.line());
        json.writeNumberProperty("column", one.column());
        json.writeNumberProperty("endLine", one.endLine());
        json.writeStringProperty("name", one.name());
        json.writeBooleanProperty("covered", one.covered());
        json.writeNumberProperty("complexity", one.complexity());
        json.writeEndObject();
    }

    private static void condition(Condition one, JsonGenerator json) {
        json.writeStartObject();
        json.writeNumberProperty("line", one.line());
        json.writeNumberProperty("of", one.groupSize());
        json.writeNumberProperty("index", one.index());
        json.writeStringProperty("sense", one.sense());
        json.writeStringProperty("expression", one.expression());
        json.writeBooleanProperty("covered", one.covered());
        json.writeEndObject();
    }
}
