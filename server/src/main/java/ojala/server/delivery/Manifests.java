package ojala.server.delivery;

import java.util.ArrayList;
import java.util.List;
import ojala.core.format.Formats;
import ojala.server.problem.ProblemType;
import ojala.server.problem.Refusal;
import ojala.wire.Manifest;
import org.jspecify.annotations.Nullable;

/** Checks a manifest and names everything that is wrong with it at once. */
final class Manifests {
    private static final String COMMIT = "[0-9a-f]{40}";

    private Manifests() {}

    static Manifest checked(@Nullable Manifest manifest) {
        List<String> wrong = new ArrayList<>();
        if (manifest == null) {
            throw new Refusal(ProblemType.BAD_REQUEST, "the manifest is empty");
        }
        if (manifest.measured() == null || !matches(manifest.measured().id(), COMMIT)) {
            wrong.add("measured.id is a commit id of 40 hexadecimal digits");
        } else if (!matches(manifest.measured().tree(), COMMIT)
                || manifest.measured().parents() == null
                || !manifest.measured().parents().stream().allMatch(parent -> matches(parent, COMMIT))) {
            wrong.add("measured.tree and measured.parents are ids of 40 hexadecimal digits");
        }
        if (!matches(manifest.head(), COMMIT)) {
            wrong.add("head is a commit id of 40 hexadecimal digits");
        }
        if (!matches(manifest.suite(), "[A-Za-z0-9._-]{1,100}")) {
            wrong.add("suite is a name of letters, digits, “.”, “_” and “-”, at most 100");
        }
        if (manifest.part() == null || manifest.part().length() > 200) {
            wrong.add("part is a text of at most 200 characters");
        }
        if (!matches(manifest.build(), ".{1,200}") || manifest.attempt() < 1) {
            wrong.add("build is a text of at most 200 characters, attempt a number from 1");
        }
        if (manifest.format() != null && Formats.named(manifest.format()).isEmpty()) {
            wrong.add("format is one of " + Formats.names());
        }
        if (!wrong.isEmpty()) {
            throw new Refusal(ProblemType.BAD_REQUEST, "the manifest is not complete: " + String.join("; ", wrong));
        }
        return manifest;
    }

    private static boolean matches(@Nullable String text, String pattern) {
        return text != null && text.matches(pattern);
    }
}
