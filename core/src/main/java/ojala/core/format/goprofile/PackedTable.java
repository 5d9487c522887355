package ojala.core.format.goprofile;

import com.github.luben.zstd.Zstd;
import java.nio.ByteBuffer;

/** A table of blocks in a fraction of its memory: column by column, places as the distance from the one before. */
record PackedTable(byte[] bytes, int size) {
    private static final int WIDTH = 2 * Long.BYTES + Integer.BYTES + Long.BYTES;
    private static final int FASTEST = 1;

    static PackedTable of(Blocks.Table table) {
        int size = table.size();
        ByteBuffer columns = ByteBuffer.allocate(size * WIDTH);
        for (int i = 0; i < size; i++) {
            int before = i == 0 ? 0 : table.line(i - 1);
            columns.putInt(table.line(i) - before).putInt(table.column(i));
        }
        for (int i = 0; i < size; i++) {
            columns.putInt(table.endLine(i) - table.line(i)).putInt(table.endColumn(i));
        }
        for (int i = 0; i < size; i++) {
            columns.putInt(table.statements(i));
        }
        for (int i = 0; i < size; i++) {
            columns.putLong(table.count(i));
        }
        return new PackedTable(Zstd.compress(columns.array(), FASTEST), size);
    }

    void addTo(Blocks blocks) {
        ByteBuffer columns = ByteBuffer.wrap(Zstd.decompress(bytes, size * WIDTH));
        int line = 0;
        for (int i = 0; i < size; i++) {
            line += columns.getInt(i * Long.BYTES);
            int ends = (size + i) * Long.BYTES;
            int statements = 2 * size * Long.BYTES + i * Integer.BYTES;
            int count = size * (2 * Long.BYTES + Integer.BYTES) + i * Long.BYTES;
            blocks.add(
                    line,
                    columns.getInt(i * Long.BYTES + Integer.BYTES),
                    line + columns.getInt(ends),
                    columns.getInt(ends + Integer.BYTES),
                    columns.getInt(statements),
                    columns.getLong(count));
        }
    }
}
