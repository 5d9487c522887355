package ojala.core.format;

import java.util.List;
import java.util.Map;
import java.util.SortedMap;
import ojala.core.model.Measurement;

/**
 * A report, read to its end.
 *
 * @param roots the folders that its paths may be relative to, where it names any
 * @param sources by the path as reported, rising; one may be unpacked each time it is asked for
 * @param skipped how often each kind of thing was left out on purpose
 */
public record Report(
        Format format,
        List<String> roots,
        Map<String, Measurement> sources,
        List<Note> notes,
        SortedMap<String, Long> skipped) {}
