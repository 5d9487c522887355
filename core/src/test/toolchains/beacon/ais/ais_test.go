package ais

import "testing"

func TestShort(t *testing.T) {
	if _, err := Decode([]int{1}); err != ErrShort {
		t.Fatal("a short message was read")
	}
}

func TestWhole(t *testing.T) {
	p, err := Decode([]int{1, -20, 30, 200})
	if err != nil || p.Lon != 230 || p.Lat != 20 {
		t.Fatal(p, err)
	}
	track := Track{}
	if !track.Add(p) || track.Add(p) {
		t.Fatal("a ship is new once")
	}
}
