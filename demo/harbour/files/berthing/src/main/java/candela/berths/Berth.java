@@ 25-
package candela.berths;

/** A place at the quay. */
public record Berth(String name, int length, int depth, boolean bunded) {
    /** Whether a ship fits at a water level, in decimetres above chart datum. */
    public boolean fits(Ship ship, int water) {
        if (ship.length() + 10 > length) {
            return false;
        }
        if (ship.hazardous() && !bunded) {
            return false;
        }
        return depth + water - ship.draught() >= clearance(ship);
    }

    /** How much water a ship needs below her keel. */
    int clearance(Ship ship) {
        if (ship.draught() > 90 && ship.length() > 150) {
            return 12;
        }
        return ship.hazardous() ? 10 : 5;
    }
@@ 30-

    /** What is left of the berth behind a ship. */
    public int left(Ship ship) {
        int left = length - ship.length();
        if (left < 0) {
            throw new IllegalArgumentException(ship.name() + " is longer than " + name);
        }
        return left;
    }
@@ 25-
}
