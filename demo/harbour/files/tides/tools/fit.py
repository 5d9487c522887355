@@ 24-
"""Fits amplitude and phase of one constituent to readings."""

from math import atan2, cos, degrees, hypot, sin

from tides.constituents import radians


def fit(readings, speed):
    """Least squares for a single speed; (amplitude, phase in degrees)."""
    if len(readings) < 3:
        raise ValueError("too few readings to fit")
    a = 0.0
    b = 0.0
    for hours, metres in readings:
        a += metres * cos(radians(speed * hours))
        b += metres * sin(radians(speed * hours))
    a *= 2 / len(readings)
    b *= 2 / len(readings)
    return hypot(a, b), degrees(atan2(b, a))
@@ residuals


def residuals(readings, amplitude, phase, speed):
    """What the fit leaves unexplained."""
    left = []
    for hours, metres in readings:
        expected = amplitude * cos(radians(speed * hours - phase))
        left.append((hours, metres - expected))
    return left
