package ojala.core.xml;

import com.fasterxml.aalto.UncheckedStreamException;
import com.fasterxml.aalto.stax.InputFactoryImpl;
import java.io.IOException;
import java.io.InputStream;
import java.util.OptionalLong;
import java.util.function.BiFunction;
import javax.xml.stream.XMLInputFactory;
import javax.xml.stream.XMLStreamConstants;
import javax.xml.stream.XMLStreamException;
import ojala.core.format.UnreadableReport;
import org.codehaus.stax2.XMLInputFactory2;
import org.codehaus.stax2.XMLStreamReader2;
import org.jspecify.annotations.Nullable;

/**
 * The elements of an XML 1.0 document, one start or end at a time. A DOCTYPE is passed over: nothing of it is fetched,
 * and no entity is expanded but the five that XML itself defines. UTF-8 and UTF-16 are told apart by their first bytes.
 * Not for several threads.
 *
 * <p>Refused, each with line and column: what is not well-formed, a reference to an entity, more than {@value #DEEPEST}
 * elements inside each other, a tag or text of more than {@value Fuse#LIMIT} bytes.
 */
public final class XmlElements {
    static final int DEEPEST = 256;

    /** Configured once; making readers from it is safe in several threads. */
    private static final XMLInputFactory2 FACTORY = factory();

    private final Fuse fuse;
    private final XMLStreamReader2 xml;
    private final BiFunction<String, String, UnreadableReport> refusal;
    private final WholeNumber wholeNumber = new WholeNumber();
    private int event = XMLStreamConstants.START_DOCUMENT;

    private XmlElements(Fuse fuse, XMLStreamReader2 xml, BiFunction<String, String, UnreadableReport> refusal) {
        this.fuse = fuse;
        this.xml = xml;
        this.refusal = refusal;
    }

    private static XMLInputFactory2 factory() {
        XMLInputFactory2 factory = new InputFactoryImpl();
        factory.setProperty(XMLInputFactory.IS_SUPPORTING_EXTERNAL_ENTITIES, false);
        factory.setProperty(XMLInputFactory.IS_REPLACING_ENTITY_REFERENCES, false);
        factory.setProperty(XMLInputFactory.IS_NAMESPACE_AWARE, false);
        factory.setProperty(XMLInputFactory.IS_COALESCING, false);
        return factory;
    }

    /**
     * Opens a document.
     *
     * @param format the name of the format that refusals are told under
     */
    public static XmlElements of(InputStream bytes, String format) throws IOException, UnreadableReport {
        Fuse fuse = new Fuse(bytes);
        BiFunction<String, String, UnreadableReport> refusal =
                (place, reason) -> new UnreadableReport(format, place, reason);
        try {
            return new XmlElements(fuse, (XMLStreamReader2) FACTORY.createXMLStreamReader(fuse), refusal);
        } catch (XMLStreamException broken) {
            throw refused(broken, "line 1", refusal);
        }
    }

    /** Takes the start or the end of an element that stands here. */
    public interface Step {
        void take() throws IOException, UnreadableReport;
    }

    /** Goes through the whole document below its root, which must have this name and come to its end. */
    public void document(String root, Step start, Step end) throws IOException, UnreadableReport {
        if (!next() || !name().equals(root)) {
            throw broken("the root is not <" + root + ">");
        }
        boolean closed = false;
        while (next()) {
            if (atStart()) {
                start.take();
            } else {
                closed = name().equals(root);
                end.take();
            }
        }
        if (!closed) {
            throw broken("the document ends before </" + root + ">");
        }
    }

    /** Goes to the next start or end of an element; false at the end of the document. */
    public boolean next() throws IOException, UnreadableReport {
        try {
            do {
                if (!xml.hasNext()) {
                    return false;
                }
                step();
            } while (event != XMLStreamConstants.START_ELEMENT && event != XMLStreamConstants.END_ELEMENT);
        } catch (XMLStreamException broken) {
            throw refused(broken, place(), refusal);
        }
        if (xml.getDepth() > DEEPEST) {
            throw broken("more than " + DEEPEST + " elements inside each other");
        }
        return true;
    }

    private void step() throws XMLStreamException, UnreadableReport {
        fuse.event();
        event = xml.next();
        if (event == XMLStreamConstants.ENTITY_REFERENCE) {
            throw broken("a reference to the entity “" + xml.getLocalName() + "”, and no entity is expanded");
        }
    }

    /** Whether the current place is the start of an element; else it is an end. */
    public boolean atStart() {
        return event == XMLStreamConstants.START_ELEMENT;
    }

    /** The name of the current element, with its prefix if it has one. */
    public String name() {
        return xml.getLocalName();
    }

    /** An attribute of the element that starts here. */
    public @Nullable String attribute(String name) {
        return xml.getAttributeValue(null, name);
    }

    /** How many attributes the element that starts here has. */
    public int attributes() {
        return xml.getAttributeCount();
    }

    /** The name of an attribute, by its index from 0. */
    public String attributeName(int index) {
        return xml.getAttributeLocalName(index);
    }

    public String attribute(int index) {
        return xml.getAttributeValue(index);
    }

    /** An attribute that is a whole number of at most 18 digits; empty if it is anything else. Makes no text of it. */
    public OptionalLong wholeNumber(int index) {
        try {
            xml.getAttributeAs(index, wholeNumber);
        } catch (XMLStreamException anythingElse) {
            return OptionalLong.empty();
        }
        return wholeNumber.plain() ? OptionalLong.of(wholeNumber.value()) : OptionalLong.empty();
    }

    /** An attribute that is a whole number of at most 18 digits; empty if it is anything else or not there. */
    public OptionalLong wholeNumber(String name) {
        for (int i = 0; i < attributes(); i++) {
            if (attributeName(i).equals(name)) {
                return wholeNumber(i);
            }
        }
        return OptionalLong.empty();
    }

    /** An attribute that must be digits; more than a {@code long} holds is {@link Long#MAX_VALUE}. */
    public long digits(int index) throws UnreadableReport {
        OptionalLong whole = wholeNumber(index);
        if (whole.isPresent() && whole.getAsLong() >= 0) {
            return whole.getAsLong();
        }
        if (attribute(index).matches("\\s*\\d{19,1000}\\s*")) {
            return Long.MAX_VALUE;
        }
        throw broken(attributeName(index) + " of a <" + name() + "> is no number");
    }

    /** An attribute that must be there. */
    public String needed(String name) throws UnreadableReport {
        String value = attribute(name);
        if (value == null) {
            throw broken("<" + name() + "> without the attribute " + name);
        }
        return value;
    }

    /** The text of the element that starts here, up to its end; it must have no elements in it. */
    public String text() throws IOException, UnreadableReport {
        StringBuilder text = new StringBuilder();
        try {
            for (step(); event != XMLStreamConstants.END_ELEMENT; step()) {
                if (event == XMLStreamConstants.START_ELEMENT) {
                    throw broken("an element <" + name() + "> where text belongs");
                }
                if (event == XMLStreamConstants.CHARACTERS || event == XMLStreamConstants.CDATA) {
                    text.append(xml.getTextCharacters(), xml.getTextStart(), xml.getTextLength());
                }
                if (text.length() > Fuse.LIMIT) {
                    throw broken("a text longer than " + Fuse.LIMIT + " characters");
                }
            }
        } catch (XMLStreamException broken) {
            throw refused(broken, place(), refusal);
        } catch (UncheckedStreamException lazily) {
            // text is parsed when it is asked for, by methods that declare nothing
            throw refused(new XMLStreamException(lazily.getCause()), place(), refusal);
        }
        return text.toString();
    }

    /** The 1-based number of the document's line. */
    public int line() {
        return xml.getLocation().getLineNumber();
    }

    /** The current place: {@code line 3, column 7}. */
    public String place() {
        return place(xml.getLocation());
    }

    private static String place(javax.xml.stream.Location at) {
        return "line " + at.getLineNumber() + ", column " + at.getColumnNumber();
    }

    /** The refusal for what is wrong here. */
    public UnreadableReport broken(String what) {
        return refusal.apply(place(), what + ": the file may be cut off or damaged, or of another format");
    }

    private static UnreadableReport refused(
            XMLStreamException broken, String place, BiFunction<String, String, UnreadableReport> refusal)
            throws IOException {
        if (broken.getNestedException() instanceof Fuse.Blown blown) {
            return refusal.apply(place, String.valueOf(blown.getMessage()));
        }
        if (broken.getNestedException() instanceof IOException unreadable) {
            throw unreadable;
        }
        if (broken.getNestedException() instanceof XMLStreamException cause) {
            return refused(cause, place, refusal);
        }
        String reason = String.valueOf(broken.getMessage()).lines().findFirst().orElse("not well-formed");
        return refusal.apply(
                broken.getLocation() == null ? place : place(broken.getLocation()),
                "not well-formed XML: " + reason + "; the file may be cut off or damaged");
    }
}
