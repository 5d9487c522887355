#include <stdio.h>
#include <string.h>

#include "level.h"

static void storm(void)
{
    level_mm readings[] = {6400, 6800, 12000};
    level_mm level = smooth(readings, 3);
    printf("storm %d %d\n", level, alarm(level, 1, 0));
}

static void calm(void)
{
    level_mm readings[] = {0, 2100, 2200};
    level_mm level = smooth(readings, 3);
    printf("calm %d %d\n", level, alarm(level, 0, 1));
}

int main(int count, char **words)
{
    for (int i = 1; i < count; i++) {
        if (strcmp(words[i], "storm") == 0)
            storm();
        else if (strcmp(words[i], "calm") == 0)
            calm();
        else
            printf("unknown %s\n", words[i]);
    }
    return 0;
}
