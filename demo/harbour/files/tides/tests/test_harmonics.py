@@ 2-
import unittest

from tides.harmonics import height, heights


class HarmonicsTest(unittest.TestCase):
    def test_height(self):
        self.assertAlmostEqual(height(0), 0.5, delta=2)
        self.assertEqual(len(heights(0, 1, 0.5)), 3)
@@ 6-

    def test_step(self):
        with self.assertRaises(ValueError): heights(0, 1, 0)
@@ 15-

    def test_range(self):
        from tides.harmonics import range_of
        self.assertEqual(range_of([]), 0.0)
        self.assertEqual(range_of([(0, 1.0), (1, 3.0)]), 2.0)
