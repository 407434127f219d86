package neattrace.goods.stencil;

import java.util.ArrayList;
import java.util.List;
import neattrace.flat.layer.FlatLayer;
import neattrace.geom.Point;
import neattrace.goods.Goods;
import neattrace.goods.making.StencilRecipe;
import neattrace.goods.page.PageAreas;
import neattrace.goods.page.PageRoom;
import neattrace.job.WantedGoods;
import neattrace.job.pipeline.Drawing;
import neattrace.stage.Progress;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.util.AffineTransformation;

/**
 * The stencils of a drawing: one for its ink, or one for each of its colours.
 *
 * @param goods rim, webs and size
 * @param recipe how they are made
 * @param room where the drawing lies on each sheet, mm
 * @param onSheet from the drawing's page to the sheet
 * @param sheets the stencils
 */
public record StencilSet(
        Goods goods,
        StencilRecipe recipe,
        PageRoom room,
        AffineTransformation onSheet,
        List<Named> sheets) {

    /** A stencil and what is painted through it: the ink, or a swatch by its name. */
    public record Named(String name, CutStencil stencil) {}

    public StencilSet {
        sheets = List.copyOf(sheets);
    }

    /**
     * Makes them.
     *
     * @throws java.util.concurrent.CancellationException if {@code progress} says so
     */
    public static StencilSet of(Drawing drawing, WantedGoods wanted, Progress progress) {
        Goods goods = wanted.goods();
        StencilRecipe recipe = wanted.making().stencil();
        PageRoom room = PageRoom.of(goods, 0, drawing.extent(), 0, true);
        AffineTransformation onSheet = room.onPage(drawing.extent());
        Envelope sheet = new Envelope(0, room.widthMm(), 0, room.heightMm());
        List<Named> shapes = new ArrayList<>();
        boolean ink = recipe.away() == StencilRecipe.Away.INK;
        int count = ink ? 1 : drawing.layers().size();
        for (int i = 0; i < count; i++) {
            Geometry shape = ink ? PageAreas.ink(drawing) : drawing.layers().get(i).shape();
            shapes.add(
                    new Named(
                            ink ? "Ink" : name(drawing.layers().get(i)),
                            CutStencil.of(
                                    sheet,
                                    onSheet.transform(shape),
                                    recipe,
                                    goods.detail().webMm(),
                                    at -> moved(at, onSheet),
                                    progress.part((double) i / count, (i + 1.0) / count))));
        }
        return new StencilSet(goods, recipe, room, onSheet, shapes);
    }

    private static String name(FlatLayer layer) {
        return layer.swatch().name();
    }

    private static Point moved(Point at, AffineTransformation map) {
        Coordinate place = new Coordinate(at.x(), at.y());
        map.transform(place, place);
        return new Point(place.x, place.y);
    }

    /** Whether several sheets must lie over one another. */
    public boolean hasRegister() {
        return sheets.size() > 1;
    }
}
