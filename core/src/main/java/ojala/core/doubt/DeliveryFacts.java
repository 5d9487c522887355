package ojala.core.doubt;

import java.util.List;
import java.util.Set;
import ojala.core.format.NoteKind;
import ojala.core.model.Count;

/** What the checks look at: one delivery, as it was read. */
public record DeliveryFacts(String suite, String part, List<ReportFacts> reports) {
    public DeliveryFacts {
        reports = List.copyOf(reports);
    }

    /** {@code unit 2/4} */
    public String slot() {
        return part.isEmpty() ? suite : suite + " " + part;
    }

    /**
     * One report of it.
     *
     * @param readable whether it could be read to its end
     * @param sources how many files it mentions
     * @param matched how many of them were found in the commit
     * @param lines over all of its files
     * @param pastTheEnd files for which it lists lines that they do not have
     */
    public record ReportFacts(
            String name,
            boolean readable,
            int sources,
            int matched,
            Count lines,
            Set<NoteKind> notes,
            List<String> pastTheEnd) {}
}
