package ojala.core.format;

/**
 * What is known of a report beside its bytes.
 *
 * @param name of its file, for the few formats that tell the source by it; never used to recognise a format
 * @param texts of the sources it speaks of
 */
public record Origin(String name, SourceTexts texts) {
    public static final Origin UNKNOWN = new Origin("", SourceTexts.NONE);

    /** The name without its folders. */
    public String fileName() {
        return name.substring(Math.max(name.lastIndexOf('/'), name.lastIndexOf('\\')) + 1);
    }
}
