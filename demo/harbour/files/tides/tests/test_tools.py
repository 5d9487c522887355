@@ 20-
import unittest

from tools.import_gauge import parse_reading, readings


class ToolsTest(unittest.TestCase):
    def test_good_ones(self):
        self.assertEqual(len(readings(["0;1.2;ok", "", "1;1.3;bad"])), 1)
        self.assertEqual(parse_reading("0;1.2;ok")[1], 1.2)
@@ 24-

    def test_fit(self):
        from tools.fit import fit
        self.assertAlmostEqual(fit([(0, 1), (4, 0.2), (8, -0.7)], 30)[0], 1, delta=1)
        with self.assertRaises(ValueError): fit([], 30)
        with self.assertRaises(ValueError): parse_reading("0;1")
@@ 28-

    def test_gaps(self):
        from tools.import_gauge import gaps
        self.assertEqual(gaps([(0, 1), (9, 1)], 3), [(0, 9)])
        self.assertEqual(gaps([(0, 1), (1, 1)], 3), [])
@@ residuals

    def test_residuals(self):
        from tools.fit import residuals
        self.assertEqual(len(residuals([(0, 1)], 1, 0, 30)), 1)
        self.assertEqual(residuals([], 1, 0, 30), [])
@@ 36-

    def test_a_bad_line(self):
        with self.assertRaises(ValueError): parse_reading("0;1;ok;more")
        self.assertEqual(readings(["0;1.2;bad", "", " "]), [])
        self.assertEqual(readings([]), [])
