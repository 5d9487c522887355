@@ 7- !slow
import unittest

from tides.tables import table


class TablesTest(unittest.TestCase):
    def test_day(self):
        self.assertIn("high", table(1))
        self.assertIn("low", table(2))
@@ 17- !slow

    def test_month(self):
        from tides.tables import month
        self.assertIn("high", month(1, 8))
        with self.assertRaises(ValueError): month(1, 40)
@@ 36- !slow

    def test_csv(self):
        from tides.tables import as_csv
        self.assertTrue(as_csv(1, 2).startswith("day,"))
        self.assertIn("low", as_csv(1, 1))
