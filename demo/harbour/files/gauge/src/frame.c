@@ 32-
#include "frame.h"

/* Packs a reading into the frame that the radio sends. */
int pack(int level, int battery, unsigned char *frame) {
    if (level < 0 || level > 9999) {
        return 0;
    }
    frame[0] = 0x7e;
    frame[1] = (unsigned char)(level >> 8);
    frame[2] = (unsigned char)level;
    if (battery < 20 && battery >= 0) {
        frame[3] = 1;
    } else {
        frame[3] = 0;
    }
    frame[4] = parity(frame, 4);
    return 5;
}

unsigned char parity(const unsigned char *frame, int count) {
    unsigned char sum = 0;
    for (int i = 0; i < count; i++) {
        sum ^= frame[i];
    }
    return sum;
}
