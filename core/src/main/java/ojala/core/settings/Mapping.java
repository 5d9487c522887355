package ojala.core.settings;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.BiConsumer;
import java.util.function.Consumer;
import ojala.core.fault.Fault;
import ojala.core.fault.Nearest;
import ojala.core.fault.Place;
import org.snakeyaml.engine.v2.nodes.MappingNode;
import org.snakeyaml.engine.v2.nodes.Node;
import org.snakeyaml.engine.v2.nodes.NodeTuple;
import org.snakeyaml.engine.v2.nodes.ScalarNode;
import org.snakeyaml.engine.v2.nodes.SequenceNode;

/**
 * One mapping of a settings file: its values by key, every scalar taken as text, every fault reported with its place.
 */
final class Mapping {
    /** A text with its place. */
    record Text(String value, Place place) {}

    private final Map<String, Node> values = new LinkedHashMap<>();
    private final Map<String, Place> keys = new LinkedHashMap<>();
    private final Place place;
    private final Consumer<Fault> faults;

    private Mapping(Place place, Consumer<Fault> faults) {
        this.place = place;
        this.faults = faults;
    }

    /** Reads a node as a mapping; a node that is none is a fault, and an empty mapping comes back. */
    static Mapping of(Node node, String what, Consumer<Fault> faults) {
        Mapping mapping = new Mapping(YamlTree.place(node), faults);
        if (!(node instanceof MappingNode found)) {
            faults.accept(new Fault(YamlTree.place(node), what + " is a mapping of keys to values"));
            return mapping;
        }
        for (NodeTuple tuple : found.getValue()) {
            mapping.put(tuple);
        }
        return mapping;
    }

    private void put(NodeTuple tuple) {
        Place at = YamlTree.place(tuple.getKeyNode());
        if (!(tuple.getKeyNode() instanceof ScalarNode key)) {
            fault(at, "a key is a plain word");
        } else if (values.putIfAbsent(key.getValue(), tuple.getValueNode()) != null) {
            fault(at, "“" + key.getValue() + "” stands here a second time, first on " + keys.get(key.getValue()));
        } else {
            keys.put(key.getValue(), at);
        }
    }

    Mapping allow(List<String> valid) {
        keys.forEach((key, at) -> {
            if (!valid.contains(key)) {
                fault(at, Nearest.unknown("key", key, valid));
            }
        });
        return this;
    }

    void each(BiConsumer<Text, Node> visitor) {
        values.forEach((key, node) -> visitor.accept(new Text(key, keys.get(key)), node));
    }

    Place place() {
        return place;
    }

    Optional<Node> node(String key) {
        return Optional.ofNullable(values.get(key));
    }

    Optional<Text> text(String key) {
        return node(key).flatMap(node -> text(node, "“" + key + "”", faults));
    }

    /** The texts of a list; nothing where the key is absent. */
    Optional<List<Text>> texts(String key) {
        return node(key).map(node -> texts(node, "“" + key + "”", faults));
    }

    static List<Text> texts(Node node, String what, Consumer<Fault> faults) {
        List<Text> texts = new ArrayList<>();
        nodes(node, what, faults)
                .forEach(item -> text(item, "an entry of " + what, faults).ifPresent(texts::add));
        return texts;
    }

    static List<Node> nodes(Node node, String what, Consumer<Fault> faults) {
        if (node instanceof SequenceNode sequence) {
            return sequence.getValue();
        }
        faults.accept(
                new Fault(YamlTree.place(node), what + " is a list: each entry on a line of its own, after “- ”"));
        return List.of();
    }

    private static Optional<Text> text(Node node, String what, Consumer<Fault> faults) {
        if (node instanceof ScalarNode scalar && !scalar.getValue().isBlank()) {
            return Optional.of(new Text(scalar.getValue(), YamlTree.place(node)));
        }
        faults.accept(new Fault(YamlTree.place(node), what + " is a text"));
        return Optional.empty();
    }

    void fault(Place at, String message) {
        faults.accept(new Fault(at, message));
    }
}
