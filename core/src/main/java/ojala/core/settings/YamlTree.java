package ojala.core.settings;

import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import ojala.core.fault.Fault;
import ojala.core.fault.Place;
import org.snakeyaml.engine.v2.api.LoadSettings;
import org.snakeyaml.engine.v2.api.lowlevel.Compose;
import org.snakeyaml.engine.v2.api.lowlevel.Parse;
import org.snakeyaml.engine.v2.events.AliasEvent;
import org.snakeyaml.engine.v2.events.CollectionEndEvent;
import org.snakeyaml.engine.v2.events.CollectionStartEvent;
import org.snakeyaml.engine.v2.events.Event;
import org.snakeyaml.engine.v2.events.ScalarEvent;
import org.snakeyaml.engine.v2.exceptions.Mark;
import org.snakeyaml.engine.v2.exceptions.MarkedYamlEngineException;
import org.snakeyaml.engine.v2.nodes.Node;

/** The YAML 1.2 text of a settings file as nodes with places; refuses what a settings file has no use for. */
final class YamlTree {
    private static final int LARGEST = 256 * 1024;
    private static final int DEEPEST = 20;

    private YamlTree() {}

    /** The root node; empty where a fault was found or the text holds nothing. */
    static Optional<Node> read(String text, Consumer<Fault> faults) {
        if (text.length() > LARGEST) {
            faults.accept(new Fault(new Place(1, 1), "the file is larger than " + LARGEST + " characters"));
            return Optional.empty();
        }
        LoadSettings settings = LoadSettings.builder().setLabel(Settings.FILE).build();
        try {
            int[] depth = new int[1];
            List<Event> refused = new java.util.ArrayList<>();
            new Parse(settings).parseString(text).forEach(event -> {
                depth[0] += event instanceof CollectionStartEvent ? 1 : event instanceof CollectionEndEvent ? -1 : 0;
                if (depth[0] > DEEPEST) {
                    throw new TooDeep(event.getStartMark());
                }
                if (event instanceof AliasEvent || hasTag(event)) {
                    refused.add(event);
                }
            });
            refused.forEach(event -> faults.accept(new Fault(
                    place(event.getStartMark()),
                    (event instanceof AliasEvent ? "an alias (*…)" : "a tag (!…)")
                            + " is not allowed here: write the value out")));
            return refused.isEmpty() ? new Compose(settings).composeString(text) : Optional.empty();
        } catch (TooDeep deep) {
            faults.accept(new Fault(place(deep.at), "this is nested more than " + DEEPEST + " levels deep"));
            return Optional.empty();
        } catch (MarkedYamlEngineException broken) {
            faults.accept(new Fault(place(broken.getProblemMark()), "this is not YAML: " + broken.getProblem()));
            return Optional.empty();
        } catch (org.snakeyaml.engine.v2.exceptions.YamlEngineException broken) {
            String[] lines = String.valueOf(broken.getMessage()).split("\\R");
            faults.accept(new Fault(new Place(1, 1), "this is not YAML: " + lines[0]));
            return Optional.empty();
        }
    }

    /** Ends the parse before the composer, which recurses, would meet the nesting. */
    private static final class TooDeep extends RuntimeException {
        private static final long serialVersionUID = 1;

        private final transient Optional<Mark> at;

        TooDeep(Optional<Mark> at) {
            this.at = at;
        }
    }

    private static boolean hasTag(Event event) {
        if (event instanceof ScalarEvent scalar) {
            return scalar.getTag().isPresent();
        }
        return event instanceof CollectionStartEvent start && start.getTag().isPresent();
    }

    static Place place(Node node) {
        return place(node.getStartMark());
    }

    private static Place place(Optional<Mark> mark) {
        return mark.map(m -> new Place(m.getLine() + 1, m.getColumn() + 1)).orElse(new Place(1, 1));
    }
}
