@@ 2-
"""The tides of Puerto Candela."""
