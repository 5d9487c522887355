@@ 25-
package candela.berths;

/** A ship that asks for a berth. Lengths in metres, draughts in decimetres. */
public record Ship(String name, int length, int draught, boolean hazardous) {
    /** Whether tugs must bring her in. */
    public boolean needsTugs() {
        return length > 180 || (hazardous && length > 90);
    }
}
