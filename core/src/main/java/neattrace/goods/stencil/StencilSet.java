package neattrace.goods.stencil;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import neattrace.flat.Swatch;
import neattrace.geom.Point;
import neattrace.geom.Transforms;
import neattrace.goods.Goods;
import neattrace.goods.making.StencilRecipe;
import neattrace.goods.making.TieChoice;
import neattrace.goods.page.PageRoom;
import neattrace.job.WantedGoods;
import neattrace.job.pipeline.Drawing;
import neattrace.job.pipeline.Pipeline;
import neattrace.stage.Progress;
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

    /**
     * A stencil and what is painted through it: the ink, or a swatch.
     *
     * @param shape of that, mm on the drawing's page
     * @param untied what other ties leave as it is
     */
    public record Named(
            Optional<Swatch> swatch, Geometry shape, UntiedSheet untied, CutStencil stencil) {

        /** What is painted through it, by its name. */
        public String name() {
            return swatch.map(Swatch::name).orElse("Ink");
        }
    }

    public StencilSet {
        sheets = List.copyOf(sheets);
    }

    /**
     * Makes them; kept by the pipeline as long as nothing changes that they are made of.
     *
     * @throws java.util.concurrent.CancellationException if {@code progress} says so
     */
    public static StencilSet of(
            Pipeline pipeline, Drawing drawing, WantedGoods wanted, Progress progress) {
        List<WantedGoods> all = new ArrayList<>(Stencils.wanted(drawing.job()));
        if (!all.contains(wanted)) {
            all = List.of(wanted);
        }
        Stencils reads = Stencils.of(drawing, all);
        return pipeline.made(Stencils.SETS, reads, progress).get(all.indexOf(wanted));
    }

    /** The same, kept by nobody. */
    public static StencilSet of(Drawing drawing, WantedGoods wanted, Progress progress) {
        return Stencils.of(drawing, List.of(wanted)).made(progress).get(0);
    }

    /** Where a place of a sheet lies on the drawing's page, mm. */
    public Point onDrawing(Point at) {
        return Transforms.apply(Transforms.inverse(onSheet), at);
    }

    /** Ties that were put somewhere by hand and can run nowhere near. */
    public List<TieChoice> adrift() {
        return recipe.ties().stream().filter(TieChoice::wanted).filter(this::isAdrift).toList();
    }

    private boolean isAdrift(TieChoice choice) {
        Point at = Transforms.apply(onSheet, choice.at());
        return sheets.stream()
                .flatMap(one -> one.stencil().ties().stream())
                .noneMatch(tie -> tie.byHand() && tie.middle().distance(at) <= CutStencil.NEAR_MM);
    }

    /** Whether several sheets must lie over one another. */
    public boolean hasRegister() {
        return sheets.size() > 1;
    }
}
