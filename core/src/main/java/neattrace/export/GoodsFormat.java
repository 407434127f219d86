package neattrace.export;

import java.io.IOException;
import java.io.OutputStream;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import neattrace.print.PrintPlan;

/** Files that goods are handed over in. */
public enum GoodsFormat {
    SVG("svg", "SVG, in layers"),
    PDF("pdf", "PDF, cuts as inks of their own"),
    PNG("png", "PNG, print alone"),
    DXF("dxf", "DXF, cuts alone"),
    HPGL("plt", "HP-GL, cuts alone");

    private final String ending;
    private final String label;

    GoodsFormat(String ending, String label) {
        this.ending = ending;
        this.label = label;
    }

    /** How names of its files end, with the dot. */
    public String ending() {
        return "." + ending;
    }

    /** In a person's words. */
    public String label() {
        return label;
    }

    /** The format that a file's name asks for. */
    public static Optional<GoodsFormat> of(Path file) {
        String name = String.valueOf(file.getFileName()).toLowerCase(Locale.ROOT);
        return Arrays.stream(values()).filter(one -> name.endsWith(one.ending())).findFirst();
    }

    /** Whether a file of it has many pages. */
    public boolean hasPages() {
        return this == PDF;
    }

    /**
     * Writes a page for each plan to {@code out}, which stays open.
     *
     * @param pages a single one for formats without pages
     * @param ppi of pixels
     */
    public void write(List<PrintPlan> pages, double ppi, OutputStream out) throws IOException {
        if (hasPages()) {
            PdfWriter.write(pages, out);
            return;
        }
        if (pages.size() > 1) {
            throw new IllegalArgumentException(this + " has no pages");
        }
        write(pages.get(0), ppi, out);
    }

    /**
     * Writes a plan of goods to {@code out}, which stays open.
     *
     * @param ppi of pixels
     */
    public void write(PrintPlan plan, double ppi, OutputStream out) throws IOException {
        switch (this) {
            case SVG -> SvgWriter.writeGoods(plan, out);
            case PDF -> PdfWriter.write(plan, out);
            case PNG -> PngWriter.write(plan.printed(), ppi, out);
            case DXF -> DxfWriter.write(plan.technical(), out);
            case HPGL -> HpglWriter.write(plan, out);
        }
    }
}
