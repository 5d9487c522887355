package ojala.demo.history;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * A file over time. A line {@code @@ 4-9} begins what is there from commit 4 to commit 9, {@code @@ 4-} what stays,
 * {@code @@ hazard} what only that branch has, {@code @@ 4- !hazard} what that branch lacks.
 */
final class Chronicle {
    private static final Pattern HEADER = Pattern.compile("@@ (?:(\\d+)-(\\d*)(?: !([a-z]+))?|([a-z]+))");

    private final List<Section> sections;

    private Chronicle(List<Section> sections) {
        this.sections = sections;
    }

    private record Section(int from, int to, String without, String only, List<String> lines) {
        boolean stands(Stage stage) {
            return only.isEmpty()
                    ? stage.commit() >= from
                            && stage.commit() <= to
                            && !stage.branch().equals(Optional.of(without))
                    : stage.branch().equals(Optional.of(only));
        }
    }

    static Chronicle read(String name, List<String> lines) {
        List<Section> sections = new ArrayList<>();
        for (String line : lines) {
            if (line.startsWith("@@ ")) {
                sections.add(section(name, line));
            } else if (sections.isEmpty()) {
                throw new IllegalArgumentException(name + ": the first line must be a header, @@ 1-");
            } else {
                sections.get(sections.size() - 1).lines().add(line);
            }
        }
        return new Chronicle(sections);
    }

    private static Section section(String name, String header) {
        Matcher matcher = HEADER.matcher(header);
        if (!matcher.matches()) {
            throw new IllegalArgumentException(
                    name + ": “" + header + "” is no header like @@ 4-9, @@ 4- !branch, @@ branch");
        }
        if (matcher.group(4) != null) {
            return new Section(0, 0, "", matcher.group(4), new ArrayList<>());
        }
        String to = matcher.group(2);
        return new Section(
                Integer.parseInt(matcher.group(1)),
                to.isEmpty() ? Integer.MAX_VALUE : Integer.parseInt(to),
                Optional.ofNullable(matcher.group(3)).orElse(""),
                "",
                new ArrayList<>());
    }

    /** The file's text at a stage; empty where the file does not exist. */
    Optional<String> at(Stage stage) {
        List<String> lines = sections.stream()
                .filter(section -> section.stands(stage))
                .flatMap(section -> section.lines().stream())
                .toList();
        return lines.isEmpty() ? Optional.empty() : Optional.of(String.join("\n", lines) + "\n");
    }
}
