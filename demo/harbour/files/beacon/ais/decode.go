@@ 28-
// Package ais reads position messages of ships.
package ais

import "errors"

// Position of a ship, in ten-thousandths of a minute.
type Position struct {
	Ship     int
	Lat, Lon int
	Moored   bool
}

// Decode reads one message of six words.
func Decode(words []int) (Position, error) {
	if len(words) < 6 {
		return Position{}, errors.New("a message has six words")
	}
	if checksum(words[:5]) != words[5] {
		return Position{}, errors.New("the checksum differs")
	}
	position := Position{Ship: words[0], Lat: words[1], Lon: words[2]}
	if words[3] == 0 && words[4] == 5 {
		position.Moored = true
	}
	return position, nil
}

func checksum(words []int) int {
	sum := 0
	for _, word := range words {
		sum = (sum*31 + word) % 65521
	}
	return sum
}
@@ 32-

// DecodeAll reads messages and leaves out those that can't be read.
func DecodeAll(messages [][]int) ([]Position, int) {
	positions := []Position{}
	lost := 0
	for _, message := range messages {
		position, err := Decode(message)
		if err != nil {
			lost++
			continue
		}
		positions = append(positions, position)
	}
	return positions, lost
}
