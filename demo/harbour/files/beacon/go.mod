@@ 28-
module harbour.example/port/beacon

go 1.22
