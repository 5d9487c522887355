@@ 18-
"""What wind and air pressure add to the tide."""


def pressure_effect(hectopascal):
    """A centimetre for each hectopascal below the mean."""
    return (1013.25 - hectopascal) * 0.01


def wind_effect(speed, direction):
    """Wind from the south west piles water into the bay."""
    if speed < 5:
        return 0.0
    onshore = 1.0 - abs(direction - 225) / 90
    if onshore <= 0:
        return 0.0
    return onshore * speed * speed * 0.0006


def surge(hectopascal, speed, direction):
    total = pressure_effect(hectopascal) + wind_effect(speed, direction)
    if total > 1.5:
        return 1.5
    return total
@@ 35-


def warning(level, total):
    """The word for the signal mast."""
    if level + total > 4.2:
        return "flood"
    if level + total > 3.8:
        return "high"
    return "none"
@@ loosen


def gust(speed, direction):
    """A gust counts twice as far as it comes from the sea."""
    if direction < 135 or direction > 315:
        return speed
    extra = speed * 0.5
    if extra > 12:
        extra = 12
    return speed + extra
