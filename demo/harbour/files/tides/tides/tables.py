@@ 7-
"""The printed tide table."""

from tides.datum import above_chart
from tides.extremes import extremes
@@ 29-
from tides.local_time import clock
@@ 7-


def row(turn):
    hours, level, name = turn
@@ 7-28
    return f"{name:4} {hours % 24:5.2f} {above_chart(level):4.1f}"
@@ 29-
    return f"{name:4} {clock(hours)} {above_chart(level):4.1f}"
@@ 7-


def table(day):
    """The turns of a day, one a line."""
    lines = []
    for turn in extremes(day * 24, day * 24 + 24):
        lines.append(row(turn))
    if not lines:
        return "no turn of the tide"
    return "\n".join(lines)
@@ 16-


def month(first_day, days):
    """A month of tables with the weeks apart."""
    if days < 1 or days > 31:
        raise ValueError("a month has 1 to 31 days")
    pages = []
    for day in range(first_day, first_day + days):
        pages.append(table(day))
        if (day - first_day) % 7 == 6:
            pages.append("")
    return "\n".join(pages)
@@ 33-


def as_csv(first_day, days):
    """The same as rows for a spreadsheet."""
    rows = ["day,name,hours,height"]
    for day in range(first_day, first_day + days):
        for hours, level, name in extremes(day * 24, day * 24 + 24):
            rows.append(f"{day},{name},{hours:.2f},{above_chart(level):.2f}")
    return "\n".join(rows)
