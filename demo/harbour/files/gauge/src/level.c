@@ 31-
#include "level.h"

/* Smooths readings of the float, in millimetres; -1 if none can be used. */
int smooth(const int *readings, int count) {
    long sum = 0;
    int used = 0;
    for (int i = 0; i < count; i++) {
        int reading = clamp(readings[i], 0, 9000);
        if (reading == 0 || (used > 0 && jump(sum / used, reading))) {
            continue;
        }
        sum += reading;
        used++;
    }
    if (used == 0) {
        return -1;
    }
    return (int)(sum / used);
}

int clamp(int level, int low, int high) {
    if (level < low) {
        return low;
    }
    if (level > high) {
        return high;
    }
    return level;
}

int jump(long mean, int reading) {
    return reading - mean > 800 || mean - reading > 800;
}
@@ 34-

/* The mast's alarm: 0 none, 1 high water, 2 storm. */
int alarm(int level, int rising, int calm) {
    if (level > 7000 || (rising && level > 6000 && !calm)) {
        return 2;
    }
    if (level > 6500 && rising) {
        return 1;
    }
    return 0;
}
