package ojala.core.json;

import java.util.ArrayDeque;
import java.util.Deque;
import java.util.HashSet;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import ojala.core.format.Head;
import tools.jackson.core.JacksonException;
import tools.jackson.core.JsonParser;
import tools.jackson.core.JsonToken;
import tools.jackson.core.ObjectReadContext;

/**
 * The keys that the beginning of a JSON document shows, each as the way to it: {@code files/[]/lines}, where {@code []}
 * stands for any item of an array. All that recognition of a JSON format looks at. Immutable.
 */
public final class JsonOutline {
    private static final int DEEPEST = 6;

    private final Set<String> ways;

    private JsonOutline(Set<String> ways) {
        this.ways = ways;
    }

    /**
     * The outline of what can be read of a head; empty if that is no JSON object. Bytes of another encoding are no
     * hindrance: the reader of the format will say where they are.
     */
    public static JsonOutline of(Head head) {
        Set<String> ways = new HashSet<>();
        Deque<String> steps = new ArrayDeque<>();
        try (JsonParser json = JsonTokens.FACTORY.createParser(ObjectReadContext.empty(), head.text())) {
            if (json.nextToken() == JsonToken.START_OBJECT) {
                collect(json, steps, ways);
            }
        } catch (JacksonException cutOffOrNoJson) {
            // a head ends somewhere in the middle; what was seen until there is the outline
        }
        return new JsonOutline(ways);
    }

    private static void collect(JsonParser json, Deque<String> steps, Set<String> ways) {
        for (JsonToken token = json.nextToken(); token != null; token = json.nextToken()) {
            switch (token) {
                case PROPERTY_NAME -> steps.addLast(json.currentName().replace('/', '|'));
                case START_ARRAY -> steps.addLast("[]");
                case END_ARRAY -> {
                    steps.removeLast();
                    leave(steps);
                }
                case END_OBJECT -> leave(steps);
                case START_OBJECT -> {}
                default -> leave(steps);
            }
            if (steps.size() <= DEEPEST) {
                ways.add(String.join("/", steps));
            }
        }
    }

    /** A value ends: with it the key that it belongs to, but not the array that it stands in. */
    private static void leave(Deque<String> steps) {
        if (!steps.isEmpty() && !steps.getLast().equals("[]")) {
            steps.removeLast();
        }
    }

    /** Whether the way is there; {@code *} stands for any one key, {@code []} for an item of an array. */
    public boolean has(String way) {
        if (!way.contains("*")) {
            return ways.contains(way);
        }
        Pattern wanted = Pattern.compile(Stream.of(way.split("/", -1))
                .map(step -> step.equals("*") ? "[^/]+" : Pattern.quote(step))
                .collect(Collectors.joining("/")));
        return ways.stream().anyMatch(one -> wanted.matcher(one).matches());
    }

    /** The keys of the document itself; a slash in one is told as {@code |}. */
    public Set<String> keys() {
        return ways.stream()
                .filter(way -> !way.isEmpty() && !way.contains("/") && !way.equals("[]"))
                .collect(Collectors.toSet());
    }
}
