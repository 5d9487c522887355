package ojala.core.settings;

import java.time.Duration;
import java.time.LocalDate;
import java.time.format.DateTimeParseException;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import ojala.core.fault.Fault;
import ojala.core.fault.Nearest;
import ojala.core.fault.Place;
import ojala.core.gate.Gate;
import ojala.core.gate.Rule;
import ojala.core.gate.Scope;
import ojala.core.gate.Sentences;
import ojala.core.path.PathRewrite;
import org.snakeyaml.engine.v2.nodes.Node;

/** Reads the text of an {@code ojala.yaml} and reports everything that is wrong with it at once. */
public final class SettingsReader {
    private static final Duration WAIT = Duration.ofHours(2);
    private static final int MOST_ENTRIES = 1000;

    private final List<Fault> faults = new ArrayList<>();

    private SettingsReader() {}

    public static SettingsReading read(String text) {
        SettingsReader reader = new SettingsReader();
        Settings settings = YamlTree.read(text, reader.faults::add)
                .map(reader::settings)
                .orElseGet(() -> {
                    if (reader.faults.isEmpty()) {
                        reader.fault(new Place(1, 1), "the file is empty: it begins with “version: 1”");
                    }
                    return Settings.NONE;
                });
        if (reader.faults.isEmpty()) {
            return new SettingsReading.Valid(settings);
        }
        return new SettingsReading.Faulty(reader.faults.stream()
                .sorted(Comparator.comparing((Fault f) -> f.place().line())
                        .thenComparing(f -> f.place().column()))
                .toList());
    }

    private Settings settings(Node root) {
        Mapping file = Mapping.of(root, "the file", faults::add)
                .allow(List.of("version", "sources", "suites", "areas", "paths", "gate"));
        Optional<Mapping.Text> version = file.text("version");
        if (version.isEmpty() || !version.get().value().equals("1")) {
            fault(
                    version.map(Mapping.Text::place).orElse(file.place()),
                    "“version: 1” is expected: this Ojala reads version 1 only");
        }
        List<Settings.Area> areas = file.node("areas").map(this::areas).orElse(List.of());
        return new Settings(
                file.node("sources").map(this::sources).orElse(Settings.NONE.sources()),
                file.node("suites").map(this::suites).orElse(List.of()),
                areas,
                file.node("paths").map(this::paths).orElse(List.of()),
                file.node("gate").map(node -> gate(node, areas)).orElse(Gate.NONE));
    }

    private Settings.Sources sources(Node node) {
        Mapping sources = Mapping.of(node, "“sources”", faults::add).allow(List.of("include", "exclude"));
        List<Settings.Exclusion> exclusions = sources.node("exclude").stream()
                .flatMap(list -> Mapping.nodes(list, "“exclude”", faults::add).stream())
                .map(this::exclusion)
                .toList();
        return new Settings.Sources(sources.texts("include").map(this::globs), exclusions);
    }

    private Settings.Exclusion exclusion(Node node) {
        Mapping exclusion = Mapping.of(node, "an exclusion", faults::add).allow(List.of("paths", "because", "until"));
        if (exclusion.node("paths").isEmpty()) {
            fault(exclusion.place(), "an exclusion has “paths”");
        }
        Optional<Mapping.Text> because = exclusion.text("because");
        if (because.isEmpty() && exclusion.node("because").isEmpty()) {
            fault(exclusion.place(), "an exclusion has a reason: “because: …”");
        }
        return new Settings.Exclusion(
                exclusion.texts("paths").map(this::globs).orElse(List.of()),
                because.map(Mapping.Text::value).orElse(""),
                exclusion.text("until").flatMap(this::day));
    }

    private Optional<LocalDate> day(Mapping.Text text) {
        try {
            return Optional.of(LocalDate.parse(text.value()));
        } catch (DateTimeParseException wrong) {
            fault(text.place(), "“" + text.value() + "” is no day: write it as 2027-03-01");
            return Optional.empty();
        }
    }

    private List<Settings.Suite> suites(Node node) {
        List<Settings.Suite> suites = new ArrayList<>();
        Mapping.of(node, "“suites”", faults::add).each((name, value) -> suites.add(suite(name, value)));
        return suites;
    }

    private Settings.Suite suite(Mapping.Text name, Node node) {
        Mapping suite = Mapping.of(node, "suite “" + name.value() + "”", faults::add)
                .allow(List.of("parts", "when-absent", "for"));
        List<String> parts = suite.texts("parts").orElse(List.of()).stream()
                .map(Mapping.Text::value)
                .toList();
        Settings.WhenAbsent whenAbsent =
                suite.text("when-absent").map(this::whenAbsent).orElse(Settings.WhenAbsent.WAIT);
        if (whenAbsent == Settings.WhenAbsent.IGNORE && suite.node("for").isPresent()) {
            fault(suite.place(), "“for” says how long to wait, and “when-absent: ignore” waits for nothing: drop one");
        }
        return new Settings.Suite(
                name.value(),
                parts,
                whenAbsent,
                suite.text("for").map(this::duration).orElse(WAIT));
    }

    private Settings.WhenAbsent whenAbsent(Mapping.Text text) {
        if (text.value().equals("ignore")) {
            return Settings.WhenAbsent.IGNORE;
        }
        if (text.value().equals("borrow")) {
            fault(text.place(), "“borrow” is not there yet: use “wait” or “ignore” until it is");
        } else if (!text.value().equals("wait")) {
            fault(text.place(), Nearest.unknown("answer to when-absent", text.value(), List.of("wait", "ignore")));
        }
        return Settings.WhenAbsent.WAIT;
    }

    private Duration duration(Mapping.Text text) {
        if (!text.value().matches("\\d{1,5} ?[smhd]")) {
            fault(text.place(), "“" + text.value() + "” is no time: write it as 90s, 30m, 2h or 1d");
            return WAIT;
        }
        long amount = Long.parseLong(text.value().replaceAll("\\D", ""));
        return switch (text.value().charAt(text.value().length() - 1)) {
            case 's' -> Duration.ofSeconds(amount);
            case 'm' -> Duration.ofMinutes(amount);
            case 'h' -> Duration.ofHours(amount);
            default -> Duration.ofDays(amount);
        };
    }

    private List<Settings.Area> areas(Node node) {
        List<Settings.Area> areas = new ArrayList<>();
        Mapping.of(node, "“areas”", faults::add).each((name, value) -> {
            if (!name.value().matches("[a-z0-9-]+")) {
                fault(name.place(), "“" + name.value() + "” is no area name: small letters, digits and hyphens only");
            }
            Mapping area = Mapping.of(value, "area “" + name.value() + "”", faults::add)
                    .allow(List.of("paths", "owners"));
            if (area.node("paths").isEmpty()) {
                fault(name.place(), "area “" + name.value() + "” has “paths”");
            }
            List<String> owners = area.texts("owners").orElse(List.of()).stream()
                    .map(Mapping.Text::value)
                    .toList();
            areas.add(new Settings.Area(
                    name.value(), area.texts("paths").map(this::globs).orElse(List.of()), owners));
        });
        return areas;
    }

    private List<PathRewrite> paths(Node node) {
        return Mapping.nodes(node, "“paths”", faults::add).stream()
                .map(entry ->
                        Mapping.of(entry, "an entry of “paths”", faults::add).allow(List.of("from", "to")))
                .flatMap(entry -> rewrite(entry).stream())
                .toList();
    }

    private Optional<PathRewrite> rewrite(Mapping entry) {
        Optional<Mapping.Text> from = entry.text("from");
        Optional<Node> to = entry.node("to");
        if (from.isEmpty() || to.isEmpty() || !(to.get() instanceof org.snakeyaml.engine.v2.nodes.ScalarNode target)) {
            fault(entry.place(), "an entry of “paths” has “from” and “to”");
            return Optional.empty();
        }
        return Optional.of(new PathRewrite(from.get().value(), target.getValue()));
    }

    private Gate gate(Node node, List<Settings.Area> areas) {
        List<Rule> rules = new ArrayList<>();
        Set<String> known = areas.stream().map(Settings.Area::name).collect(Collectors.toSet());
        Mapping.of(node, "“gate”", faults::add).each((words, value) -> {
            Optional<Scope> scope = Scope.parse(words.value());
            if (scope.isEmpty()) {
                fault(words.place(), Nearest.unknown("scope", words.value(), Scope.forms()));
                return;
            }
            if (scope.get().kind() == Scope.Kind.AREA
                    && !known.contains(scope.get().area())) {
                fault(words.place(), "area “" + scope.get().area() + "” is not among the “areas” of this file");
            }
            Mapping.texts(value, "“" + words.value() + "”", faults::add)
                    .forEach(text -> Sentences.read(scope.get(), text.value(), text.place(), faults::add)
                            .ifPresent(rules::add));
        });
        if (rules.size() > MOST_ENTRIES) {
            fault(YamlTree.place(node), "a gate has at most " + MOST_ENTRIES + " sentences");
        }
        return new Gate(rules);
    }

    private List<Glob> globs(List<Mapping.Text> texts) {
        List<Glob> globs = new ArrayList<>();
        for (Mapping.Text text : texts) {
            try {
                globs.add(Glob.of(text.value()));
            } catch (IllegalArgumentException wrong) {
                fault(text.place(), wrong.getMessage());
            }
        }
        return globs;
    }

    private void fault(Place place, String message) {
        faults.add(new Fault(place, message));
    }
}
