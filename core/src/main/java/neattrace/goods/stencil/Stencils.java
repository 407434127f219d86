package neattrace.goods.stencil;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import neattrace.flat.layer.FlatLayer;
import neattrace.geom.Outline;
import neattrace.geom.Transforms;
import neattrace.goods.Goods;
import neattrace.goods.GoodsKind;
import neattrace.goods.cut.PrintedShape;
import neattrace.goods.making.StencilRecipe;
import neattrace.goods.making.TieChoice;
import neattrace.goods.page.PageRoom;
import neattrace.job.Job;
import neattrace.job.WantedGoods;
import neattrace.job.pipeline.Drawing;
import neattrace.job.pipeline.Extent;
import neattrace.stage.Made;
import neattrace.stage.Progress;
import neattrace.stage.Same;
import neattrace.stage.Stage;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.util.AffineTransformation;

/**
 * What stencils of several goods are made of, as the stage that makes them reads it: window,
 * findings and files share its outcome.
 *
 * @param lines black and coloured, mm on the drawing's page
 * @param flats its colours
 * @param extent how far its ink reaches
 * @param wishes how they are made
 */
public record Stencils(
        Same<List<Outline>> lines, Same<List<FlatLayer>> flats, Extent extent, List<Wish> wishes) {

    /** Makes them; what was made of the same before is taken over, goods by goods. */
    public static final Stage<Stencils, List<StencilSet>> SETS =
            new Stage<>(
                    "Making stencils", (reads, run) -> reads.made(run.before(), run.progress()));

    /** A tie that was put on one of several sheets lies so near to what is cut there, mm. */
    private static final double ON_SHEET_MM = 0.8;

    private static final GeometryFactory FACTORY = new GeometryFactory();

    /**
     * How stencils are made. What they cost and who is owed changes none.
     *
     * @param goods rim, webs and size
     * @param recipe what is cut away, and ties
     */
    public record Wish(Goods goods, StencilRecipe recipe) {}

    public Stencils {
        wishes = List.copyOf(wishes);
    }

    /** The cut stencils that a job wants. */
    public static List<WantedGoods> wanted(Job job) {
        return job.goods().wanted().stream()
                .filter(one -> one.goods().kind() == GoodsKind.CUT_STENCIL)
                .toList();
    }

    /** What stencils of a drawing are made of. */
    public static Stencils of(Drawing drawing, List<WantedGoods> wanted) {
        return new Stencils(
                Same.of(drawing.lines()),
                Same.of(drawing.layers()),
                drawing.extent(),
                wanted.stream().map(one -> new Wish(one.goods(), one.making().stencil())).toList());
    }

    List<StencilSet> made(Progress progress) {
        return made(Optional.empty(), progress);
    }

    private List<StencilSet> made(
            Optional<Made<Stencils, List<StencilSet>>> made, Progress progress) {
        List<Before> before = new ArrayList<>();
        made.filter(one -> one.input().isSameDrawing(this))
                .ifPresent(
                        one -> {
                            for (int k = 0; k < one.output().size(); k++) {
                                before.add(
                                        new Before(
                                                one.input().wishes().get(k), one.output().get(k)));
                            }
                        });
        List<StencilSet> sets = new ArrayList<>();
        for (int i = 0; i < wishes.size(); i++) {
            Wish wish = wishes.get(i);
            int n = wishes.size();
            Progress part = progress.part((double) i / n, (i + 1.0) / n);
            sets.add(
                    before.stream()
                            .filter(one -> one.wish().equals(wish))
                            .findFirst()
                            .map(Before::set)
                            .orElseGet(
                                    () ->
                                            set(
                                                    wish,
                                                    before.stream()
                                                            .filter(one -> one.isLike(wish))
                                                            .findFirst(),
                                                    part)));
        }
        return sets;
    }

    private boolean isSameDrawing(Stencils other) {
        return lines.equals(other.lines)
                && flats.equals(other.flats)
                && extent.equals(other.extent);
    }

    private StencilSet set(Wish wish, Optional<Before> before, Progress progress) {
        PageRoom room = PageRoom.of(wish.goods(), 0, extent, 0, true);
        AffineTransformation onSheet = room.onPage(extent);
        Envelope sheet = new Envelope(0, room.widthMm(), 0, room.heightMm());
        double webMm = wish.goods().detail().webMm();
        List<StencilSet.Named> sheets = new ArrayList<>();
        boolean ink = wish.recipe().away() == StencilRecipe.Away.INK;
        int count = ink ? 1 : flats.value().size();
        for (int i = 0; i < count; i++) {
            int number = i;
            Geometry shape =
                    ink
                            ? before.map(one -> one.set().sheets().get(0).shape())
                                    .orElseGet(
                                            () -> PrintedShape.of(lines.value(), List.of(), false))
                            : flats.value().get(i).shape();
            UntiedSheet untied =
                    before.map(one -> one.set().sheets().get(number).untied())
                            .orElseGet(
                                    () ->
                                            UntiedSheet.of(
                                                    sheet,
                                                    onSheet.transform(shape),
                                                    wish.recipe().dropMm2(),
                                                    webMm));
            CutStencil stencil =
                    CutStencil.of(
                            untied,
                            count == 1 ? wish.recipe() : on(wish.recipe(), shape),
                            webMm,
                            at -> Transforms.apply(onSheet, at),
                            progress.part((double) i / count, (i + 1.0) / count));
            sheets.add(
                    new StencilSet.Named(
                            ink ? Optional.empty() : Optional.of(flats.value().get(i).swatch()),
                            shape,
                            untied,
                            stencil));
        }
        return new StencilSet(wish.goods(), wish.recipe(), room, onSheet, sheets);
    }

    /** What was made before of a wish that differs in ties alone. */
    private record Before(Wish wish, StencilSet set) {

        boolean isLike(Wish other) {
            StencilRecipe own = wish.recipe();
            StencilRecipe its = other.recipe();
            return wish.goods().equals(other.goods())
                    && own.away() == its.away()
                    && own.dropMm2() == its.dropMm2();
        }
    }

    /** A recipe with those ties alone that were put on this sheet. */
    private static StencilRecipe on(StencilRecipe recipe, Geometry shape) {
        List<TieChoice> here =
                recipe.ties().stream()
                        .filter(
                                one ->
                                        shape.isWithinDistance(
                                                FACTORY.createPoint(
                                                        new Coordinate(one.at().x(), one.at().y())),
                                                ON_SHEET_MM))
                        .toList();
        return recipe.withTies(here);
    }
}
