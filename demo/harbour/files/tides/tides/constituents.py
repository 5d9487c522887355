@@ 2-
"""The harmonic constituents of the harbour, from a year of gauge readings."""

from math import pi

# name: (degrees per hour, amplitude in metres, phase in degrees)
HARBOUR = {
    "M2": (28.9841042, 1.124, 83.2),
    "S2": (30.0, 0.391, 114.0),
    "N2": (28.4397295, 0.237, 63.5),
    "K1": (15.0410686, 0.068, 71.1),
    "O1": (13.9430356, 0.061, 318.9),
}


def radians(degrees):
    return degrees * pi / 180.0


def strongest(constituents, count):
    """The names of the strongest constituents, strongest first."""
    ranked = sorted(constituents, key=lambda name: constituents[name][1], reverse=True)
    return ranked[:count]
@@ 31-


def without(constituents, names):
    """A copy that leaves some constituents out."""
    kept = {}
    for name in constituents:
        if name not in names:
            kept[name] = constituents[name]
    return kept
