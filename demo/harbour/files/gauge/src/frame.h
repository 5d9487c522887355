@@ 32-
int pack(int level, int battery, unsigned char *frame);
unsigned char parity(const unsigned char *frame, int count);
