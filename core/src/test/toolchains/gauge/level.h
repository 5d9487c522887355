#ifndef LEVEL_H
#define LEVEL_H

/* Millimetres above chart datum. */
typedef int level_mm;

static inline level_mm clamp(level_mm level, level_mm low, level_mm high)
{
    if (level < low)
        return low;
    return level > high ? high : level;
}

level_mm smooth(const level_mm *readings, int count);
int alarm(level_mm level, int rising, int calm);

#endif
