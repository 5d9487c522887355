package ais

// Track keeps the last positions of each ship.
type Track struct {
	last map[int]Position
}

// Add takes a position.
func (t *Track) Add(p Position) bool {
	if t.last == nil {
		t.last = map[int]Position{}
	}
	_, known := t.last[p.Ship]
	t.last[p.Ship] = p
	return !known
}

// Lost forgets a ship.
func (t *Track) Lost(ship int) {
	delete(t.last, ship)
}
