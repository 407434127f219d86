package neattrace.cli;

import java.io.IOException;
import java.nio.file.Path;
import neattrace.export.DxfWriter;
import neattrace.export.FileFormat;
import neattrace.export.HpglWriter;
import neattrace.export.PdfWriter;
import neattrace.export.PngWriter;
import neattrace.export.SvgWriter;
import neattrace.files.AtomicFile;
import neattrace.print.PrintPlan;

/** Writes a plan of goods as the ending of its file says. */
final class GoodsOutput {

    /** What {@code -o} may end in. */
    static final String[] ENDINGS = {".svg", ".pdf", ".png", ".dxf", ".plt"};

    private GoodsOutput() {}

    static void write(PrintPlan plan, double ppi, Path target) throws IOException {
        AtomicFile.write(
                target,
                out -> {
                    if (FileFormat.SVG.isIn(target)) {
                        SvgWriter.writeGoods(plan, out);
                    } else if (FileFormat.PDF.isIn(target)) {
                        PdfWriter.write(plan, out);
                    } else if (FileFormat.PNG.isIn(target)) {
                        PngWriter.write(plan.printed(), ppi, out);
                    } else if (FileFormat.DXF.isIn(target)) {
                        DxfWriter.write(plan.technical(), out);
                    } else {
                        HpglWriter.write(plan, out);
                    }
                });
    }
}
