@@ 20-
"""Reads what the gauge wrote."""


def parse_reading(line):
    """One reading: hours;metres;quality."""
    fields = line.strip().split(";")
    if len(fields) != 3:
        raise ValueError("three fields wanted: " + line)
    hours, metres, quality = fields
    return float(hours), float(metres), quality


def readings(lines):
    """The good readings; doubtful ones are left out."""
    good = []
    for line in lines:
        if not line.strip():
            continue
        hours, metres, quality = parse_reading(line)
        if quality == "ok":
            good.append((hours, metres))
    return good
@@ 27-


def gaps(good, longest):
    """Spans without a reading that are longer than allowed."""
    found = []
    for before, after in zip(good, good[1:]):
        if after[0] - before[0] > longest:
            found.append((before[0], after[0]))
    return found
