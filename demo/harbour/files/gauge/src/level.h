@@ 31-
#ifndef LEVEL_H
#define LEVEL_H

int smooth(const int *readings, int count);
int clamp(int level, int low, int high);
int jump(long mean, int reading);
@@ 34-
int alarm(int level, int rising, int calm);
@@ 31-

#endif
