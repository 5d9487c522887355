package ojala.core.format.goprofile;

import java.util.ArrayList;
import java.util.List;

/** The blocks of one file over a whole profile: those that came last as they are, earlier ones packed. */
final class FileBlocks {
    private final List<PackedTable> packed = new ArrayList<>();
    private Blocks blocks = new Blocks();

    void add(int line, int column, int endLine, int endColumn, int statements, long count) {
        blocks.add(line, column, endLine, endColumn, statements, count);
    }

    /** Packs what has come since it was packed last. */
    void pack() {
        Blocks.Table table = blocks.table();
        if (table.size() > 0) {
            packed.add(PackedTable.of(table));
            blocks = new Blocks();
        }
    }

    /** All blocks, each place once, rising. Gives up what was packed. */
    Blocks.Table table() {
        packed.forEach(one -> one.addTo(blocks));
        packed.clear();
        return blocks.table();
    }
}
