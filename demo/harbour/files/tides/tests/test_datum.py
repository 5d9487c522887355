@@ 6-
import unittest

from tides.datum import above_gauge, convert


class DatumTest(unittest.TestCase):
    def test_zeros(self):
        self.assertAlmostEqual(above_gauge(0), 2.07)
        self.assertAlmostEqual(convert(1.0, "mean", "chart"), 2.92)
        with self.assertRaises(ValueError): convert(1.0, "moon", "chart")
