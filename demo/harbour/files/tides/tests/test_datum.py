@@ 5-
import unittest

from tides.datum import above_gauge, convert


class DatumTest(unittest.TestCase):
    def test_zeros(self):
        self.assertAlmostEqual(above_gauge(0), 2.07)
        self.assertAlmostEqual(convert(1.0, "mean", "chart"), 2.92)
        with self.assertRaises(ValueError): convert(1.0, "moon", "chart")
@@ 36-

    def test_all_zeros(self):
        with self.assertRaises(ValueError): convert(1.0, "chart", "sun")
        self.assertAlmostEqual(convert(1.0, "chart", "mean"), -0.92)
        self.assertAlmostEqual(convert(1.0, "gauge", "gauge"), 1.0)
        self.assertAlmostEqual(convert(0.0, "gauge", "chart"), -0.15)
