package neattrace.goods.page;

import java.util.ArrayList;
import java.util.List;
import neattrace.flat.Swatch;
import neattrace.goods.sticker.StickerPlan;
import neattrace.press.Cmyk;
import neattrace.press.PressProfile;
import neattrace.press.Tints;
import neattrace.print.PrintLayer;
import neattrace.print.PrintLayer.Kind;
import neattrace.print.PrintObject;
import neattrace.print.PrintShape;
import neattrace.print.lettering.Lettering;
import neattrace.print.lettering.Lettering.Align;
import neattrace.print.lettering.Lettering.Face;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.operation.buffer.BufferOp;
import org.locationtech.jts.operation.overlayng.OverlayNG;
import org.locationtech.jts.operation.overlayng.OverlayNGRobust;

/** The key at the foot of a page: each swatch with its number and name, in rows. */
final class PageKey {

    /** Side of a swatch, from row to row, and of the lettering, mm. */
    private static final double SIDE_MM = 5;

    static final double ROW_MM = 7;

    private static final double LETTERS_MM = 3.2;
    private static final double GAP_MM = 1.2;
    private static final double APART_MM = 5;
    private static final double RIM_MM = 0.15;
    private static final Cmyk BLACK = new Cmyk(0, 0, 0, 100);
    private static final GeometryFactory FACTORY = new GeometryFactory();

    private final List<Swatch> swatches;
    private final double widthMm;

    /**
     * A key.
     *
     * @param swatches in the order of their numbers, from 1
     * @param widthMm there is for it
     */
    PageKey(List<Swatch> swatches, double widthMm) {
        this.swatches = List.copyOf(swatches);
        this.widthMm = widthMm;
    }

    /** How high it is; 0 if there is nothing in it. */
    double heightMm() {
        return swatches.isEmpty() ? 0 : (rows().size() - 1) * ROW_MM + SIDE_MM;
    }

    /** Swatches to a row, by their numbers from 0; those of a row as wide as they are. */
    private List<List<Integer>> rows() {
        List<List<Integer>> rows = new ArrayList<>();
        double x = 0;
        for (int i = 0; i < swatches.size(); i++) {
            double wide = wide(i);
            if (rows.isEmpty() || x + wide > widthMm) {
                rows.add(new ArrayList<>());
                x = 0;
            }
            rows.get(rows.size() - 1).add(i);
            x += wide + APART_MM;
        }
        return rows;
    }

    private String words(int i) {
        return i + 1 + "  " + swatches.get(i).name();
    }

    private double wide(int i) {
        return SIDE_MM + GAP_MM + Lettering.widthMm(words(i), Face.PLAIN, LETTERS_MM);
    }

    /** Its layers, where its upper left corner lies, mm. */
    List<PrintLayer> layers(double left, double top, PressProfile press) {
        List<PrintLayer> layers = new ArrayList<>();
        List<Geometry> black = new ArrayList<>();
        double y = top;
        for (List<Integer> row : rows()) {
            double x = left;
            for (int i : row) {
                Geometry square = FACTORY.toGeometry(new Envelope(x, x + SIDE_MM, y, y + SIDE_MM));
                Swatch swatch = swatches.get(i);
                PrintLayer plain =
                        StickerPlan.plain(
                                "Key " + (i + 1) + " " + swatch.name(),
                                Kind.KEY,
                                swatch.build(),
                                square,
                                press);
                layers.add(plain);
                black.add(rim(square));
                black.add(
                        Lettering.line(
                                words(i),
                                Face.PLAIN,
                                LETTERS_MM,
                                x + SIDE_MM + GAP_MM,
                                y + SIDE_MM / 2 + 0.36 * LETTERS_MM,
                                Align.LEFT));
                x += wide(i) + APART_MM;
            }
            y += ROW_MM;
        }
        if (!black.isEmpty()) {
            layers.add(
                    new PrintLayer(
                            "Key",
                            Kind.KEY,
                            press.preview(BLACK),
                            BLACK.toString(),
                            black.stream()
                                    .map(
                                            shape ->
                                                    PrintObject.of(
                                                            new PrintShape.Filled(shape),
                                                            Tints.of(BLACK)))
                                    .toList(),
                            List.of()));
        }
        return layers;
    }

    /** Light colours are seen against white paper by their rim. */
    private static Geometry rim(Geometry square) {
        return OverlayNGRobust.overlay(
                square, BufferOp.bufferOp(square, -RIM_MM), OverlayNG.DIFFERENCE);
    }
}
