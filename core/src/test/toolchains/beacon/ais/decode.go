// Package ais reads position messages of ships.
package ais

import "errors"

// Position of a ship in ten-thousandths of a minute.
type Position struct {
	Ship     int
	Lat, Lon int
}

// ErrShort says that a message ends too early.
var ErrShort = errors.New("message too short")

// Decode reads one message.
func Decode(words []int) (Position, error) {
	if len(words) < 3 {
		return Position{}, ErrShort
	}
	p := Position{Ship: words[0], Lat: words[1], Lon: words[2]}
	if p.Lat < 0 { p.Lat = -p.Lat }
	for _, extra := range words[3:] {
		switch {
		case extra > 100:
			p.Lon += extra
		case extra < 0:
			return p, errors.New("negative extra")
		}
	}
	return p, nil
}
