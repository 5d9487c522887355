@@ 10-
"""Hours after the epoch as local time of the port."""

from datetime import datetime, timedelta

EPOCH = datetime(2026, 1, 1)


def summer(moment):
    """Whether summer time is in force: last Sunday of March to last Sunday of October."""
    if moment.month < 3 or moment.month > 10:
        return False
    if 3 < moment.month < 10:
        return True
    last = datetime(moment.year, moment.month, 31)
    while last.weekday() != 6:
        last -= timedelta(days=1)
    if moment.month == 3:
        return moment >= last
    return moment < last


def local(hours):
    """The local time so many hours after the epoch."""
    moment = EPOCH + timedelta(hours=hours)
    if summer(moment):
        return moment + timedelta(hours=2)
    return moment + timedelta(hours=1)
@@ 29-


def clock(hours):
    return local(hours).strftime("%H:%M")
