@@ 10-
import unittest

from tides.local_time import local


class LocalTimeTest(unittest.TestCase):
    def test_winter(self):
        self.assertEqual(local(0).hour, 1)
@@ 21-

    def test_summer(self):
        from tides.local_time import summer
        self.assertEqual(local(24 * 180).hour, 2)
        self.assertTrue(summer(local(24 * 88)))
        self.assertFalse(summer(local(24 * 300)))
        self.assertFalse(summer(local(24 * 360)))
@@ 36-

    def test_the_last_sundays(self):
        from tides.local_time import summer
        self.assertTrue(summer(local(24 * 200)))
        self.assertFalse(summer(local(24 * 88 - 2)))
        self.assertTrue(summer(local(24 * 297)))
        self.assertFalse(summer(local(24 * 298)))
        self.assertFalse(summer(local(24 * 20)))
