package ojala.core.gate;

import java.util.List;

/** What a project demands: its rules in the order in which they are written. */
public record Gate(List<Rule> rules) {
    public static final Gate NONE = new Gate(List.of());

    public Gate {
        rules = List.copyOf(rules);
    }
}
