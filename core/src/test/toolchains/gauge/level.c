#include "level.h"

level_mm smooth(const level_mm *readings, int count)
{
    long sum = 0;
    int used = 0;

    for (int i = 0; i < count; i++) {
        level_mm reading = clamp(readings[i], 0, 9000);
        if (reading == 0)
            continue;
        sum += reading;
        used++;
    }
    if (used == 0)
        return -1;
    return (level_mm)(sum / used);
}

int alarm(level_mm level, int rising, int calm)
{
    if (level > 7000 || (rising && level > 6000 && !calm))
        return 2;
    switch (level / 1000) {
    case 6:
        return 1;
    case 0:
        return 3;
    default:
        return 0;
    }
}
