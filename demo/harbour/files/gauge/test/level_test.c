@@ 31-
int main(void) {
    assert(smooth(quiet, 4) == 2110);
    assert(smooth(none, 0) == -1);
    assert(clamp(9100, 0, 9000) == 9000);
@@ 32-
    assert(pack(2110, 80, frame) == 5);
@@ 35-
    assert(alarm(2000, 0, 1) == 0);
@@ 36-
    assert(pack(-1, 80, frame) == 0);
    assert(alarm(7100, 1, 0) == 2);
@@ 31-
    return 0;
}
