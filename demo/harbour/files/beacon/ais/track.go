@@ 28-
package ais

// Track keeps the last position of each ship.
type Track struct {
	last map[int]Position
}

// Add takes a position, and tells whether the ship is new.
func (t *Track) Add(p Position) bool {
	if t.last == nil {
		t.last = map[int]Position{}
	}
	_, known := t.last[p.Ship]
	t.last[p.Ship] = p
	return !known
}

// Near lists the ships within a distance.
func (t *Track) Near(lat, lon, far int) []int {
	ships := []int{}
	for ship, p := range t.last {
		if distance(p.Lat-lat) > far || distance(p.Lon-lon) > far {
			continue
		}
		ships = append(ships, ship)
	}
	return ships
}

func distance(d int) int {
	if d < 0 {
		return -d
	}
	return d
}
@@ 34-

// Forget drops ships that are moored.
func (t *Track) Forget() int {
	dropped := 0
	for ship, p := range t.last {
		if p.Moored {
			delete(t.last, ship)
			dropped++
		}
	}
	return dropped
}
