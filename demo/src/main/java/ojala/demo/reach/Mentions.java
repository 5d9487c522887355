package ojala.demo.reach;

import java.util.Map;
import java.util.TreeMap;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;

/** How often functions are called by name in a text, and how often on a line that expects a refusal. */
final class Mentions {
    private static final Pattern CALL = Pattern.compile("(\\w+)\\(|`(\\w+)`|new (\\w+)");
    private static final Pattern REFUSAL = Pattern.compile("throws|rejects|assertRaises");

    private final Map<String, Integer> calls = new TreeMap<>();
    private final Map<String, Integer> refusals = new TreeMap<>();

    static Mentions in(String text) {
        Mentions mentions = new Mentions();
        text.lines().forEach(line -> {
            boolean refusal = REFUSAL.matcher(line).find();
            CALL.matcher(line).results().forEach(call -> mentions.add(name(call), refusal));
        });
        return mentions;
    }

    private static String name(MatchResult call) {
        for (int group = 1; group <= 3; group++) {
            if (call.group(group) != null) {
                return call.group(group);
            }
        }
        throw new IllegalStateException("a call without a name");
    }

    private void add(String name, boolean refusal) {
        calls.merge(name, 1, Integer::sum);
        if (refusal) {
            refusals.merge(name, 1, Integer::sum);
        }
    }

    int calls(String name) {
        return calls.getOrDefault(name, 0);
    }

    int refusals(String name) {
        return refusals.getOrDefault(name, 0);
    }

    Iterable<String> names() {
        return calls.keySet();
    }
}
