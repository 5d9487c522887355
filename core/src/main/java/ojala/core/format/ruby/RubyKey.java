package ojala.core.format.ruby;

import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * A Ruby array turned into a text, as JSON keeps what was the key of a hash: {@code [:if, 0, 3, 4, 7, 7]} of a branch,
 * {@code [Berth, :moor, 3, 2, 8, 5]} of a method.
 *
 * @param kind of branch, or class and method for people; without addresses, which change in each run
 * @param column from 0
 */
record RubyKey(String kind, int line, int column, int endLine, int endColumn) {
    private static final String PLACE = ",\\s*(\\d{1,8}),\\s*(\\d{1,8}),\\s*(\\d{1,8}),\\s*(\\d{1,8})\\s*\\]";
    private static final Pattern BRANCH = Pattern.compile("\\[:(\"[^\"]{1,40}\"|[^,\\s]{1,40}),\\s*\\d{1,9}" + PLACE);
    private static final Pattern METHOD = Pattern.compile("\\[(.{0,2000}),\\s*:(\"[^\"]{1,500}\"|[^,]{1,500})" + PLACE);
    private static final Pattern ADDRESS = Pattern.compile(":?0x[0-9a-f]+");
    private static final Pattern SINGLETON = Pattern.compile("#<Class:(.+)>");

    static Optional<RubyKey> of(String text) {
        Matcher branch = BRANCH.matcher(text);
        if (branch.matches()) {
            return Optional.of(at(branch, 2, unquoted(branch.group(1))));
        }
        Matcher method = METHOD.matcher(text);
        if (method.matches()) {
            String type = ADDRESS.matcher(method.group(1)).replaceAll("");
            Matcher singleton = SINGLETON.matcher(type);
            String own = singleton.matches() ? singleton.group(1) + "." : type + "#";
            return Optional.of(at(method, 3, own + unquoted(method.group(2))));
        }
        return Optional.empty();
    }

    private static RubyKey at(Matcher key, int first, String kind) {
        return new RubyKey(
                kind,
                Integer.parseInt(key.group(first)),
                Integer.parseInt(key.group(first + 1)),
                Integer.parseInt(key.group(first + 2)),
                Integer.parseInt(key.group(first + 3)));
    }

    private static String unquoted(String symbol) {
        return symbol.startsWith("\"") ? symbol.substring(1, symbol.length() - 1) : symbol;
    }

    String range() {
        return line + ":" + column + "-" + endLine + ":" + endColumn;
    }
}
