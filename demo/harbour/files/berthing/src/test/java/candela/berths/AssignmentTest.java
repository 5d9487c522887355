@@ 25-
package candela.berths;

/** Which ship gets which berth. */
class AssignmentTest {
    void theShortestBerthThatFitsIsTaken() {
        assertThat(assignment.assign(CANDELA, FREE, 12)).contains(NORTH);
        assertThat(assignment.assign(MARISMA, FREE, 0)).isEmpty();
        assertThat(SOUTH.fits(MARISMA, 12)).isFalse();
    }
@@ 27-
    void whoFindsNoneWaits() {
        assertThat(assignment.waiting(List.of(CANDELA, MARISMA), FREE, 3)).containsExactly(MARISMA);
    }
@@ 31-
    void whatIsLeftBehindAShip() {
        assertThat(NORTH.left(CANDELA)).isEqualTo(14);
    }
@@ 36-
    void aShipWithTugsStays() {
        assertThat(assignment.shift(MARISMA, SOUTH, FREE, 12)).isEmpty();
        assertThat(CANDELA.needsTugs()).isFalse();
        assertThatThrownBy(() -> NORTH.left(MARISMA)).hasMessageContaining("longer");
    }
@@ 25-
}
