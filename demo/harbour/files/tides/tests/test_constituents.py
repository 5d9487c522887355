@@ 3-
import unittest

from tides.constituents import HARBOUR, strongest


class ConstituentsTest(unittest.TestCase):
    def test_strongest(self):
        self.assertEqual(strongest(HARBOUR, 1), ["M2"])
@@ 31-

    def test_without(self):
        from tides.constituents import without
        self.assertNotIn("M2", without(HARBOUR, ["M2"]))
        self.assertEqual(without(HARBOUR, []), HARBOUR)
