@@ 28-
package test

func TestDecode(t *testing.T) {
	position, err := ais.Decode(message)
	if err != nil || position.Moored {
		t.Fatal(position, err)
	}
	ais.Decode(short)
	track := ais.Track{}
	track.Add(position)
	track.Near(0, 0, 40)
}
@@ 33-

func TestDecodeAll(t *testing.T) {
	ais.DecodeAll(messages)
	ais.DecodeAll(nil)
}
@@ 36-

func TestTrack(t *testing.T) {
	track.Add(position)
	track.Near(10, 10, 4)
	track.Near(-10, -10, 4)
}
