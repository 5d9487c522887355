@@ 3-
"""High water and low water."""

from tides.harmonics import height

STEP = 0.1


def slope(hours):
    return (height(hours + 0.01) - height(hours - 0.01)) / 0.02


def refine(left, right):
    """Halves the interval in which the tide turns until it is a minute wide."""
    while right - left > 1 / 60:
        middle = (left + right) / 2
        if slope(left) * slope(middle) <= 0:
            right = middle
        else:
            left = middle
    return (left + right) / 2


def extremes(start, end):
    """The turns of the tide between two hours, as (hours, height, name)."""
    turns = []
    at = start
    while at < end:
        if slope(at) * slope(at + STEP) < 0:
            turn = refine(at, at + STEP)
            name = "high" if slope(at) > 0 else "low"
            turns.append((turn, height(turn), name))
        at += STEP
    return turns
@@ 19-


def next_high(start):
    """The next high water within a day, or None."""
    for hours, level, name in extremes(start, start + 24):
        if name == "high":
            return hours, level
    return None
