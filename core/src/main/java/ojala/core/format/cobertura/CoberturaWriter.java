package ojala.core.format.cobertura;

import java.io.IOException;
import java.io.Writer;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.List;
import java.util.Map;
import java.util.SortedMap;
import java.util.stream.IntStream;
import javax.xml.stream.XMLOutputFactory;
import javax.xml.stream.XMLStreamException;
import javax.xml.stream.XMLStreamWriter;
import ojala.core.export.Losses;
import ojala.core.export.ReportWriter;
import ojala.core.model.Count;
import ojala.core.model.CountName;
import ojala.core.model.FunctionCoverage;
import ojala.core.model.LineBranches;
import ojala.core.model.LineState;
import ojala.core.model.Lines;
import ojala.core.model.Measurement;
import ojala.core.model.SourceCoverage;

/**
 * Writes Cobertura XML after the document type coverage-04: a class for each source, in the package of its folder. A
 * method is told by lines alone, so that it can be written where its lines say the same of it.
 */
public final class CoberturaWriter implements ReportWriter {
    @Override
    public String name() {
        return Cobertura.NAME;
    }

    @Override
    public String title() {
        return "Cobertura XML";
    }

    @Override
    public Losses write(SortedMap<String, Measurement> sources, Writer out) throws IOException {
        Losses losses = new Losses();
        try {
            XMLStreamWriter xml = XMLOutputFactory.newDefaultFactory().createXMLStreamWriter(out);
            document(sources, xml, losses);
            xml.close();
        } catch (XMLStreamException failure) {
            throw new IOException("the report could not be written", failure);
        }
        return losses;
    }

    private static void document(SortedMap<String, Measurement> sources, XMLStreamWriter xml, Losses losses)
            throws XMLStreamException {
        Count lines = sum(sources, CountName.LINES);
        Count branches = sum(sources, CountName.BRANCHES);
        xml.writeStartDocument("UTF-8", "1.0");
        xml.writeCharacters("\n");
        xml.writeStartElement("coverage");
        xml.writeAttribute("line-rate", rate(lines));
        xml.writeAttribute("branch-rate", rate(branches));
        xml.writeAttribute("lines-covered", String.valueOf(lines.covered()));
        xml.writeAttribute("lines-valid", String.valueOf(lines.total()));
        xml.writeAttribute("branches-covered", String.valueOf(branches.covered()));
        xml.writeAttribute("branches-valid", String.valueOf(branches.total()));
        xml.writeAttribute("complexity", "0");
        xml.writeAttribute("version", "ojala 0.1.0");
        xml.writeAttribute("timestamp", "0");
        xml.writeStartElement("packages");
        for (Map.Entry<String, Measurement> source : sources.entrySet()) {
            source(source.getKey(), source.getValue(), xml, losses);
        }
        xml.writeEndElement();
        xml.writeEndElement();
        xml.writeCharacters("\n");
        xml.writeEndDocument();
    }

    private static Count sum(SortedMap<String, Measurement> sources, CountName name) {
        return sources.values().stream()
                .map(one -> one.coverage().counts().of(name))
                .reduce(Count.NONE, Count::plus);
    }

    /** Cut off after four places, as all shares are. */
    private static String rate(Count count) {
        return count.total() == 0
                ? "0"
                : BigDecimal.valueOf(count.covered())
                        .divide(BigDecimal.valueOf(count.total()), 4, RoundingMode.DOWN)
                        .toPlainString();
    }

    private static void source(String path, Measurement measured, XMLStreamWriter xml, Losses losses)
            throws XMLStreamException {
        SourceCoverage coverage = measured.coverage();
        int slash = path.lastIndexOf('/');
        xml.writeCharacters("\n");
        xml.writeStartElement("package");
        xml.writeAttribute("name", slash < 0 ? "" : path.substring(0, slash).replace('/', '.'));
        rates(coverage, xml);
        xml.writeStartElement("classes");
        xml.writeStartElement("class");
        xml.writeAttribute("name", path.substring(slash + 1));
        xml.writeAttribute("filename", path);
        rates(coverage, xml);
        xml.writeStartElement("methods");
        boolean untold = false;
        for (FunctionCoverage function : coverage.functions()) {
            int[] lines = telling(function, measured);
            untold |= lines.length == 0;
            if (lines.length > 0) {
                method(function, lines, measured, xml);
            }
        }
        xml.writeEndElement();
        xml.writeStartElement("lines");
        for (int i = 0; i < coverage.lines().size(); i++) {
            line(i, measured, xml);
        }
        for (int end = 0; end < 4; end++) {
            xml.writeEndElement();
        }
        losses.addIf(untold, "functions that their lines do not tell");
        losses(measured, losses);
    }

    private static void rates(SourceCoverage coverage, XMLStreamWriter xml) throws XMLStreamException {
        xml.writeAttribute("line-rate", rate(coverage.counts().of(CountName.LINES)));
        xml.writeAttribute("branch-rate", rate(coverage.counts().of(CountName.BRANCHES)));
        xml.writeAttribute("complexity", "0");
    }

    private static void method(FunctionCoverage function, int[] lines, Measurement measured, XMLStreamWriter xml)
            throws XMLStreamException {
        xml.writeStartElement("method");
        xml.writeAttribute("name", function.name());
        xml.writeAttribute("signature", "");
        xml.writeAttribute("line-rate", function.covered() ? "1" : "0");
        xml.writeAttribute("branch-rate", "0");
        xml.writeAttribute("complexity", String.valueOf(function.complexity()));
        xml.writeStartElement("lines");
        for (int index : lines) {
            line(index, measured, xml);
        }
        xml.writeEndElement();
        xml.writeEndElement();
    }

    /** The lines, by index, that say of a method where it starts and whether it ran; none if no lines do. */
    private static int[] telling(FunctionCoverage function, Measurement measured) {
        Lines lines = measured.coverage().lines();
        int first = lines.indexOf(function.line());
        if (first < 0) {
            return new int[] {};
        }
        int last = Math.max(function.line(), function.endLine());
        int[] own = IntStream.range(first, lines.size())
                .takeWhile(i -> lines.number(i) <= last)
                .toArray();
        boolean ran = IntStream.of(own).anyMatch(i -> lines.state(i) != LineState.MISSED);
        if (ran == function.covered()) {
            return own;
        }
        boolean firstRan = lines.state(first) != LineState.MISSED;
        return firstRan == function.covered() ? new int[] {first} : new int[] {};
    }

    private static void line(int index, Measurement measured, XMLStreamWriter xml) throws XMLStreamException {
        Lines lines = measured.coverage().lines();
        int line = lines.number(index);
        long hits = measured.hits().map(all -> all.at(index)).orElse(lines.state(index) == LineState.MISSED ? 0L : 1L);
        xml.writeEmptyElement("line");
        xml.writeAttribute("number", String.valueOf(line));
        xml.writeAttribute("hits", String.valueOf(hits));
        LineBranches branches = measured.coverage().branches().get(line);
        xml.writeAttribute("branch", String.valueOf(branches != null));
        if (branches != null) {
            Count sides = branches.count();
            long percent = sides.total() == 0 ? 0 : 100 * sides.covered() / sides.total();
            xml.writeAttribute("condition-coverage", percent + "% (" + sides.covered() + "/" + sides.total() + ")");
        }
    }

    private static void losses(Measurement measured, Losses losses) {
        SourceCoverage coverage = measured.coverage();
        Lines lines = coverage.lines();
        List<LineBranches> branches = List.copyOf(coverage.branches().values());
        losses.addIf(
                measured.hits().isEmpty() && lines.size() > 0, "that there are no hit counts (written as 1 and 0)");
        losses.addIf(!measured.tests().isEmpty(), "which test reaches a line");
        losses.addIf(coverage.statements().size() > 0, "statements");
        losses.addIf(coverage.instructions().size() > 0, "instructions");
        losses.addIf(coverage.calls().size() > 0, "calls");
        losses.addIf(!coverage.conditions().isEmpty(), "MC/DC");
        losses.addIf(branches.stream().anyMatch(one -> !one.shapes().isEmpty()), "which branch sides were taken");
        losses.addIf(branches.stream().anyMatch(LineBranches::atLeast), "that counts of branches are “at least”");
        losses.addIf(
                coverage.branches().keySet().stream().anyMatch(line -> lines.indexOf(line) < 0),
                "branches on lines that are not measured");
        losses.addIf(coverage.functions().stream().anyMatch(one -> one.column() > 0), "columns of functions");
        losses.addIf(
                IntStream.range(0, lines.size())
                        .anyMatch(i -> lines.state(i) == LineState.PARTIAL
                                && !coverage.branches().containsKey(lines.number(i))),
                "partial lines without branches (written as covered)");
    }
}
