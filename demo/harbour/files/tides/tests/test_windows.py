@@ 12-
import unittest

from tides.windows import windows


class WindowsTest(unittest.TestCase):
    def test_deep(self):
        self.assertEqual(windows(0, 6, 20, 5), [(0, 6)])
        self.assertEqual(windows(0, 6, 0, 20), [])
        self.assertTrue(windows(0, 24, 4, 5.5))
@@ 22-

    def test_longest(self):
        from tides.windows import longest
        self.assertEqual(longest([(0, 1), (2, 5)]), (2, 5))
        self.assertIsNone(longest([]))
@@ 34-

    def test_can_wait(self):
        from tides.windows import can_wait
        self.assertTrue(can_wait([(0, 6)], 1, 2))
        self.assertFalse(can_wait([(0, 6)], 5, 2))
        self.assertFalse(can_wait([], 5, 2))
@@ 36-

    def test_it_closes_and_opens(self):
        self.assertEqual(len(windows(0, 48, 3, 4.6)), 4)
        self.assertEqual(len(windows(3, 48, 3, 4.6)), 4)
        self.assertEqual(windows(0, 0, 3, 20), [])
