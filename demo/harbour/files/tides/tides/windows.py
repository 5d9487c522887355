@@ 12-
"""When there is water enough for a ship."""

from tides.datum import above_chart
from tides.harmonics import heights


def windows(start, end, depth, draught, spare=0.8):
    """The spans of hours in which a ship floats at a place of that charted depth."""
    needed = draught + spare - depth
    spans = []
    opened = None
    for at, level in heights(start, end, 0.25):
        enough = above_chart(level) >= needed
        if enough and opened is None:
            opened = at
        if not enough and opened is not None:
            spans.append((opened, at))
            opened = None
    if opened is not None:
        spans.append((opened, end))
    return spans
@@ 21-


def longest(spans):
    """The longest span; None where there is none."""
    best = None
    for span in spans:
        if best is None or span[1] - span[0] > best[1] - best[0]:
            best = span
    return best
@@ 34-


def can_wait(spans, at, stay):
    """Whether a stay that begins at an hour ends within the same span."""
    for opened, closed in spans:
        if opened <= at and at + stay <= closed:
            return True
    return False
