package neattrace.export;

import java.io.IOException;
import java.io.OutputStream;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.IntStream;
import neattrace.files.AtomicFile;
import neattrace.files.FileNames;
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

    /** The files that so many pages go into: one, or one each where the format has no pages. */
    public List<Path> files(Path target, int pages) {
        return hasPages() || pages == 1
                ? List.of(target)
                : IntStream.rangeClosed(1, pages)
                        .mapToObj(number -> FileNames.numbered(target, number))
                        .toList();
    }

    /**
     * Writes pages to their files, each of them whole or not at all.
     *
     * @param pages at least one
     * @param ppi of pixels
     * @return the files
     */
    public List<Path> write(List<PrintPlan> pages, double ppi, Path target) throws IOException {
        if (hasPages()) {
            AtomicFile.write(target, out -> PdfWriter.write(pages, out));
            return List.of(target);
        }
        List<Path> files = files(target, pages.size());
        for (int i = 0; i < files.size(); i++) {
            PrintPlan page = pages.get(i);
            AtomicFile.write(files.get(i), out -> write(page, ppi, out));
        }
        return files;
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
