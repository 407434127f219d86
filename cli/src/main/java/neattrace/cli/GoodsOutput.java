package neattrace.cli;

import java.io.IOException;
import java.nio.file.Path;
import java.util.Arrays;
import neattrace.export.GoodsFormat;
import neattrace.files.AtomicFile;
import neattrace.print.PrintPlan;

/** Writes a plan of goods as the ending of its file says. */
final class GoodsOutput {

    /** What {@code -o} may end in. */
    static final String[] ENDINGS =
            Arrays.stream(GoodsFormat.values()).map(GoodsFormat::ending).toArray(String[]::new);

    private GoodsOutput() {}

    static void write(PrintPlan plan, double ppi, Path target) throws IOException {
        GoodsFormat format = GoodsFormat.of(target).orElseThrow();
        AtomicFile.write(target, out -> format.write(plan, ppi, out));
    }
}
