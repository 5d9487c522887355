package ojala.core.json;

import java.io.IOException;
import java.io.InputStream;
import java.util.function.Supplier;
import ojala.core.format.UnreadableReport;
import tools.jackson.core.JacksonException;
import tools.jackson.core.JsonParser;
import tools.jackson.core.JsonToken;
import tools.jackson.core.ObjectReadContext;
import tools.jackson.core.StreamReadConstraints;
import tools.jackson.core.TokenStreamLocation;
import tools.jackson.core.exc.InputCoercionException;
import tools.jackson.core.exc.JacksonIOException;
import tools.jackson.core.exc.StreamConstraintsException;
import tools.jackson.core.json.JsonFactory;

/**
 * The values of JSON documents (RFC 8259), taken in the order of the text; several documents may follow one another.
 * UTF-8, UTF-16 and UTF-32 are told apart by the first bytes. A value that its taker leaves alone is skipped without
 * being built. A key that stands twice in an object is taken twice. Not for several threads.
 *
 * <p>Refused, each with line and column: what is not well-formed, more than {@value #DEEPEST} values inside each other,
 * a text of more than {@value #LONGEST_TEXT} characters, a key of more than {@value #LONGEST_KEY}, a number of more
 * than {@value #LONGEST_NUMBER} digits.
 */
public final class JsonTokens {
    static final int DEEPEST = 256;
    static final int LONGEST_TEXT = 16 << 20;
    static final int LONGEST_KEY = 1 << 16;
    static final int LONGEST_NUMBER = 1000;

    static final JsonFactory FACTORY = JsonFactory.builder()
            .streamReadConstraints(StreamReadConstraints.builder()
                    .maxNestingDepth(DEEPEST)
                    .maxStringLength(LONGEST_TEXT)
                    .maxNameLength(LONGEST_KEY)
                    .maxNumberLength(LONGEST_NUMBER)
                    .build())
            .build();

    private final JsonParser json;
    private final String format;
    private JsonToken token = JsonToken.NOT_AVAILABLE;

    /** Takes the value of one key of an object; may leave it alone. */
    public interface Member {
        void take(String key) throws IOException, UnreadableReport;
    }

    /** Takes one value of an array; may leave it alone. */
    public interface Item {
        void take() throws IOException, UnreadableReport;
    }

    private JsonTokens(JsonParser json, String format) {
        this.json = json;
        this.format = format;
    }

    /**
     * Opens the documents of a stream.
     *
     * @param format the name of the format that refusals are told under
     */
    public static JsonTokens of(InputStream bytes, String format) throws IOException, UnreadableReport {
        try {
            return new JsonTokens(FACTORY.createParser(ObjectReadContext.empty(), bytes), format);
        } catch (JacksonException broken) {
            throw refused(broken, "line 1", format);
        }
    }

    /** Goes to the value of the next document; false at the end of the stream. */
    public boolean nextDocument() throws IOException, UnreadableReport {
        try {
            JsonToken next = json.nextToken();
            token = next == null ? JsonToken.NOT_AVAILABLE : next;
            return next != null;
        } catch (JacksonException broken) {
            throw refused(broken, place(json.currentLocation()), format);
        }
    }

    private void next() throws IOException, UnreadableReport {
        if (!nextDocument()) {
            throw broken("the document ends in the middle");
        }
    }

    /** Takes the members of the object that stands here. */
    public void object(Member member) throws IOException, UnreadableReport {
        needs(JsonToken.START_OBJECT, "an object");
        for (next(); token != JsonToken.END_OBJECT; next()) {
            String key = key();
            next();
            member.take(key);
            skipLeftAlone();
        }
    }

    /** Takes the values of the array that stands here. */
    public void array(Item item) throws IOException, UnreadableReport {
        needs(JsonToken.START_ARRAY, "an array");
        for (next(); token != JsonToken.END_ARRAY; next()) {
            item.take();
            skipLeftAlone();
        }
    }

    /** Opens the array that stands here; its values are then gone to by {@link #more}. */
    public void open() throws UnreadableReport {
        needs(JsonToken.START_ARRAY, "an array");
    }

    /** Goes to the next value of the open array; false at its end. Values gone past must have been whole. */
    public boolean more() throws IOException, UnreadableReport {
        next();
        return token != JsonToken.END_ARRAY;
    }

    /** Skips what is left of the open array. */
    public void close() throws IOException, UnreadableReport {
        while (!atEndOfArray() && more()) {
            skipLeftAlone();
        }
    }

    /** Skips the value that stands here, without building it. */
    public void skip() throws IOException, UnreadableReport {
        skipLeftAlone();
    }

    private void skipLeftAlone() throws IOException, UnreadableReport {
        if (token == JsonToken.START_OBJECT || token == JsonToken.START_ARRAY) {
            try {
                json.skipChildren();
            } catch (JacksonException broken) {
                throw refused(broken, place(json.currentLocation()), format);
            }
            token = json.currentToken() == null ? JsonToken.NOT_AVAILABLE : json.currentToken();
        }
    }

    public boolean atObject() {
        return token == JsonToken.START_OBJECT;
    }

    public boolean atArray() {
        return token == JsonToken.START_ARRAY;
    }

    public boolean atEndOfArray() {
        return token == JsonToken.END_ARRAY;
    }

    public boolean atText() {
        return token == JsonToken.VALUE_STRING;
    }

    public boolean atNumber() {
        return token == JsonToken.VALUE_NUMBER_INT || token == JsonToken.VALUE_NUMBER_FLOAT;
    }

    public boolean atNull() {
        return token == JsonToken.VALUE_NULL;
    }

    public String text() throws UnreadableReport {
        needs(JsonToken.VALUE_STRING, "a text");
        return value(json::getString);
    }

    /** The number that stands here as a whole one, cut off to the range of a {@code long}. */
    public long whole() throws UnreadableReport {
        try {
            if (token == JsonToken.VALUE_NUMBER_INT) {
                return json.getLongValue();
            }
            if (token == JsonToken.VALUE_NUMBER_FLOAT) {
                return (long) json.getDoubleValue();
            }
        } catch (InputCoercionException beyondALong) {
            return value(json::getBigIntegerValue).signum() < 0 ? Long.MIN_VALUE : Long.MAX_VALUE;
        } catch (JacksonException broken) {
            throw refusedValue(broken);
        }
        throw broken("a number was expected here, not " + shown());
    }

    /** The number that stands here, cut off to the range of an {@code int}. */
    public int small() throws UnreadableReport {
        return (int) Math.max(Integer.MIN_VALUE, Math.min(Integer.MAX_VALUE, whole()));
    }

    public boolean truth() throws UnreadableReport {
        if (token != JsonToken.VALUE_TRUE && token != JsonToken.VALUE_FALSE) {
            throw broken("true or false was expected here, not " + shown());
        }
        return token == JsonToken.VALUE_TRUE;
    }

    private String key() throws UnreadableReport {
        return value(json::currentName);
    }

    private <T> T value(Supplier<T> of) throws UnreadableReport {
        try {
            return of.get();
        } catch (JacksonException broken) {
            throw refusedValue(broken);
        }
    }

    private void needs(JsonToken wanted, String what) throws UnreadableReport {
        if (token != wanted) {
            throw broken(what + " was expected here, not " + shown());
        }
    }

    private String shown() {
        return switch (token) {
            case START_OBJECT -> "an object";
            case START_ARRAY -> "an array";
            case VALUE_STRING -> "a text";
            case VALUE_NUMBER_INT, VALUE_NUMBER_FLOAT -> "a number";
            case VALUE_NULL -> "null";
            case VALUE_TRUE, VALUE_FALSE -> "true or false";
            default -> "the end";
        };
    }

    /** The line of the text that is being read. */
    public long line() {
        return json.currentTokenLocation().getLineNr();
    }

    /** A refusal at this place. */
    public UnreadableReport broken(String reason) {
        return new UnreadableReport(format, place(json.currentTokenLocation()), reason);
    }

    private UnreadableReport refusedValue(JacksonException broken) {
        return new UnreadableReport(format, place(json.currentLocation()), reason(broken));
    }

    private static UnreadableReport refused(JacksonException broken, String near, String format) throws IOException {
        if (broken instanceof JacksonIOException io) {
            throw io.getCause();
        }
        TokenStreamLocation at = broken.getLocation();
        return new UnreadableReport(format, at == null ? near : place(at), reason(broken));
    }

    private static String place(TokenStreamLocation location) {
        return "line " + location.getLineNr() + ", column " + location.getColumnNr();
    }

    private static String reason(JacksonException broken) {
        // where an array or object began is told with much that is of no use here
        String said = String.valueOf(broken.getOriginalMessage())
                .lines()
                .findFirst()
                .orElse("")
                .replaceFirst(" \\(start marker at .*", "");
        if (broken instanceof StreamConstraintsException) {
            return "beyond what a report may hold ("
                    + said.replaceFirst(", from `.*", "").replaceFirst(" \\(`.*", "")
                    + "): it is damaged, or no report";
        }
        return "not well-formed JSON (" + (said.length() > 160 ? said.substring(0, 160) + "…" : said)
                + "): it may be cut off, damaged or of another encoding";
    }
}
