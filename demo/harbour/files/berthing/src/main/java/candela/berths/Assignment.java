@@ 25-
package candela.berths;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Assigns ships to berths: the shortest berth that fits goes to the ship that came first. */
public final class Assignment {
    /** The best berth for a ship, if one is free. */
    public Optional<Berth> assign(Ship ship, List<Berth> free, int water) {
        Berth best = null;
        for (Berth berth : free) {
            if (!berth.fits(ship, water)) {
                continue;
            }
            if (best == null || berth.length() < best.length()) {
                best = berth;
            }
        }
        return Optional.ofNullable(best);
    }
@@ 27-

    /** The ships that find no berth at this water. */
    public List<Ship> waiting(List<Ship> ships, List<Berth> free, int water) {
        List<Ship> waiting = new ArrayList<>();
        List<Berth> left = new ArrayList<>(free);
        for (Ship ship : ships) {
            Optional<Berth> berth = assign(ship, left, water);
            if (berth.isEmpty()) {
                waiting.add(ship);
            } else {
                left.remove(berth.get());
            }
        }
        return waiting;
    }
@@ 33-

    /** Moves a ship to a shorter berth where a longer ship asks for hers. */
    public Optional<Berth> shift(Ship moored, Berth now, List<Berth> free, int water) {
        Optional<Berth> other = assign(moored, free, water);
        if (other.isEmpty() || other.get().length() >= now.length()) {
            return Optional.empty();
        }
        if (moored.needsTugs()) {
            return Optional.empty();
        }
        return other;
    }
@@ 25-
}
