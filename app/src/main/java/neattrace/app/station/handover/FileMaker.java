package neattrace.app.station.handover;

import java.io.IOException;
import java.io.OutputStream;
import java.util.Locale;
import java.util.Optional;
import neattrace.app.work.Shown;
import neattrace.app.work.Workspace;
import neattrace.export.DxfWriter;
import neattrace.export.FileFormat;
import neattrace.export.OpenRasterWriter;
import neattrace.export.PdfWriter;
import neattrace.export.PngWriter;
import neattrace.export.SvgWriter;
import neattrace.goods.GoodsFit;
import neattrace.job.WantedGoods;
import neattrace.job.pipeline.Drawing;
import neattrace.job.pipeline.GoodsDrawing;
import neattrace.job.pipeline.Traced;
import neattrace.print.Artwork;
import neattrace.print.GoodsPage;
import neattrace.print.Plans;
import neattrace.print.PrintPlan;
import neattrace.print.ready.PressArt;
import neattrace.print.ready.PressSheet;
import neattrace.stage.Progress;
import neattrace.trace.centre.StrokeArt;

/** Makes files of a drawing as they are wanted. */
final class FileMaker {

    private final Workspace workspace;

    FileMaker(Workspace workspace) {
        this.workspace = workspace;
    }

    /** How files are wanted. */
    record Wish(double ppi, boolean strokes, int goods) {}

    /** How large the drawing comes out on goods; empty for the size of the scan. */
    static Optional<GoodsFit> fit(Drawing drawing, int id) {
        return drawing.job().goods().of(id).map(one -> GoodsDrawing.fit(drawing, one));
    }

    /** What a format cannot hold, in plain words; empty if it holds everything. */
    static String leftOut(FileFormat format, Shown now) {
        Artwork art = now.art();
        int areas = art.layers().stream().mapToInt(layer -> layer.pieces().size()).sum();
        if (format == FileFormat.ORA && areas > OpenRasterWriter.MOST_AREA_MASKS) {
            return String.format(
                    Locale.ROOT,
                    " With %,d areas it has masks by colour alone; up to %,d areas have their own.",
                    areas,
                    OpenRasterWriter.MOST_AREA_MASKS);
        }
        boolean coloured = !art.layers().isEmpty() || !art.colouredLines().isEmpty();
        return format == FileFormat.DXF && coloured
                ? " It holds lines alone: flats and the colours of lines are not in it."
                : "";
    }

    /** Writes the drawing in a format. */
    void write(FileFormat format, Shown now, Wish wish, OutputStream out, Progress progress)
            throws IOException {
        PrintPlan plan = plan(format, now, wish, progress.part(0, 0.8));
        progress.report("", 0.8);
        switch (format) {
            case SVG -> SvgWriter.write(plan, out);
            case PDF -> PdfWriter.write(plan, out);
            case PNG -> PngWriter.write(plan, wish.ppi(), out);
            case ORA -> OpenRasterWriter.write(plan, wish.ppi(), out);
            case DXF -> DxfWriter.write(plan, out);
            case TIFF -> throw new IllegalArgumentException("sheets are written at Make");
        }
    }

    /** In the size that was chosen. */
    private PrintPlan plan(FileFormat format, Shown now, Wish wish, Progress progress)
            throws IOException {
        Optional<WantedGoods> wanted = now.drawing().job().goods().of(wish.goods());
        if (format == FileFormat.PDF) {
            return pressed(now, wanted, progress);
        }
        if (wanted.isEmpty()) {
            return plan(
                    format, now.art().forFiles(), now.drawing().traced(), wish.strokes(), progress);
        }
        GoodsDrawing made =
                GoodsDrawing.of(workspace.pipeline(), now.drawing(), wanted.get(), progress);
        Artwork art =
                made.drawing() == now.drawing()
                        ? now.art()
                        : Artwork.of(made.drawing(), workspace.press());
        return GoodsPage.place(
                plan(
                        format,
                        art.forFiles(made.fit().factor()),
                        made.drawing().traced(),
                        wish.strokes(),
                        progress.part(0.5, 1)),
                made.fit(),
                made.drawing().extent(),
                workspace.press());
    }

    /** As it goes to the press. */
    private PrintPlan pressed(Shown now, Optional<WantedGoods> wanted, Progress progress)
            throws IOException {
        if (wanted.isEmpty()) {
            return PressSheet.of(now.drawing(), Optional.empty(), progress).plan();
        }
        GoodsDrawing made =
                GoodsDrawing.of(workspace.pipeline(), now.drawing(), wanted.get(), progress);
        PressArt art = PressArt.of(made.drawing()).on(made.fit().goods());
        return PressSheet.of(art, Optional.of(made.fit()), progress).plan();
    }

    private PrintPlan plan(
            FileFormat format, Artwork art, Traced traced, boolean strokes, Progress progress) {
        return switch (format) {
            case SVG -> strokes ? Plans.strokes(art, strokes(traced, progress)) : Plans.of(art);
            case PNG, ORA -> Plans.forPixels(art);
            case DXF ->
                    strokes
                            ? Plans.cut(art, strokes(traced, progress))
                            : Plans.cut(traced.lines(), art.widthMm(), art.heightMm());
            default -> Plans.of(art);
        };
    }

    private StrokeArt strokes(Traced traced, Progress progress) {
        return workspace.pipeline().strokes(traced, progress);
    }
}
