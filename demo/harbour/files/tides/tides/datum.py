@@ 5-
"""From mean level to chart datum and back."""

CHART_BELOW_MEAN = 1.92
GAUGE_BELOW_CHART = 0.15


def above_chart(mean_level):
    return mean_level + CHART_BELOW_MEAN


def above_gauge(mean_level):
    return above_chart(mean_level) + GAUGE_BELOW_CHART


def convert(value, source, target):
    """Converts between the three zeros: mean, chart, gauge."""
    offsets = {"mean": 0.0, "chart": CHART_BELOW_MEAN, "gauge": CHART_BELOW_MEAN + GAUGE_BELOW_CHART}
    if source not in offsets:
        raise ValueError("no such zero: " + source)
    if target not in offsets:
        raise ValueError("no such zero: " + target)
    return value - offsets[source] + offsets[target]
