package ojala.core.xml;

import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import ojala.core.format.Head;

/**
 * The root element at the beginning of an XML document: all that recognition of an XML format looks at.
 *
 * @param before what stands before it: a declaration, comments, a document type
 * @param attributes the text between its name and the end of its tag
 * @param after what follows its tag
 */
public record XmlRoot(String before, String name, String attributes, String after) {
    private static final Pattern ROOT = Pattern.compile(
            "\\A(\\s*(?:<\\?[^>]*\\?>\\s*|<!--.*?-->\\s*|<!DOCTYPE[^>\\[]*(?:\\[.*?\\]\\s*)?>\\s*)*+)<([\\w:.-]+)(?=[\\s>/])([^>]*)",
            Pattern.DOTALL);

    /** The root that a head shows; empty if it is no XML, or ends before the root's name does. */
    public static Optional<XmlRoot> of(Head head) {
        String text = head.text();
        Matcher root = ROOT.matcher(text);
        if (!root.find()) {
            return Optional.empty();
        }
        String after = text.substring(root.end()).replaceFirst("^/?>", "").stripLeading();
        return Optional.of(new XmlRoot(root.group(1), root.group(2), root.group(3), after));
    }
}
