module harbour.example/port/beacon

go 1.19
