@@ 2-
"""The height of the tide as a sum of cosines."""

from math import cos

from tides.constituents import HARBOUR, radians


def height(hours, constituents=HARBOUR):
    """The height above mean level, in metres, so many hours after the epoch."""
    total = 0.0
    for speed, amplitude, phase in constituents.values():
        total += amplitude * cos(radians(speed * hours - phase))
    return total


def heights(start, end, step, constituents=HARBOUR):
    """Heights at even steps; both ends included."""
    if step <= 0:
        raise ValueError("the step must be positive")
    found = []
    at = start
    while at <= end:
        found.append((at, height(at, constituents)))
        at += step
    return found
@@ 14-


def range_of(readings):
    """The difference between the highest and the lowest reading."""
    if not readings:
        return 0.0
    values = [value for _, value in readings]
    return max(values) - min(values)
