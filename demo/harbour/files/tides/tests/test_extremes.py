@@ 3- !slow
import unittest

from tides.extremes import extremes, refine


class ExtremesTest(unittest.TestCase):
    def test_turns(self):
        self.assertEqual(len(extremes(0, 25)), 4)
        self.assertEqual(extremes(0, 0), [])
        self.assertTrue(0 < refine(0, 6.2) < 6.2)
        self.assertTrue(refine(1, 6.2) > 1)
@@ 19- !slow

    def test_next_high(self):
        from tides.extremes import next_high
        self.assertIsNotNone(next_high(0))
        self.assertGreater(next_high(10)[0], 10)
