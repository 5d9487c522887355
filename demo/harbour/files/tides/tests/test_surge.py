@@ 18-
import unittest

from tides.surge import surge


class SurgeTest(unittest.TestCase):
    def test_storm(self):
        self.assertGreater(surge(985, 22, 225), 0.3)
        self.assertEqual(surge(1013.25, 0, 0), 0.0)
@@ 30-

    def test_limit(self):
        from tides.surge import wind_effect
        self.assertEqual(surge(900, 60, 225), 1.5)
        self.assertEqual(wind_effect(20, 45), 0.0)
        self.assertEqual(wind_effect(2, 225), 0.0)
@@ 35-

    def test_mast(self):
        from tides.surge import warning
        self.assertEqual(warning(4.0, 0.3), "flood")
        self.assertEqual(warning(3.8, 0.1), "high")
        self.assertEqual(warning(3.0, 0.1), "none")
