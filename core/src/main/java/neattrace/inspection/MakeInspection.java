package neattrace.inspection;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import neattrace.finding.Answer;
import neattrace.finding.Cost;
import neattrace.finding.Finding;
import neattrace.finding.Group;
import neattrace.finding.Kind;
import neattrace.finding.Measure;
import neattrace.finding.Place;
import neattrace.finding.Severity;
import neattrace.flat.layer.FlatLayer;
import neattrace.geom.Outline;
import neattrace.geom.Point;
import neattrace.goods.Costs;
import neattrace.goods.GoodsKind;
import neattrace.goods.cut.CutLine;
import neattrace.goods.cut.CutRecipe;
import neattrace.goods.cut.Loose;
import neattrace.goods.cut.LooseChoice;
import neattrace.goods.cut.PrintedShape;
import neattrace.goods.cut.Pull;
import neattrace.goods.cut.StickerCut;
import neattrace.goods.cut.StickerRecipe;
import neattrace.job.GoodsSection;
import neattrace.job.Job;
import neattrace.job.LogSection;
import neattrace.job.Settled;
import neattrace.job.WantedGoods;
import neattrace.job.pipeline.Drawing;
import neattrace.sheet.ink.InkReading;
import neattrace.stage.Run;
import neattrace.stage.Same;
import neattrace.stage.Stage;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.util.AffineTransformation;
import org.locationtech.jts.operation.distance.IndexedFacetDistance;

/** What stands against the stickers of the brief: loose pieces, small ones, what a blade shows. */
final class MakeInspection {

    /** Blades drift so far in practice, mm (common practice, no source). */
    private static final double DRIFT_MM = 0.5;

    /** Curves down to so much of the least radius are as asked for. */
    private static final double SAME = 0.98;

    private static final int MOST_TOLD = 40;

    private static final Kind LOOSE =
            kind("sticker-piece-loose", Cost.PLACE, "%d loose pieces to decide about");
    private static final Kind SMALL =
            kind("sticker-small", Cost.PLACE, "%d stickers are hard to peel");
    private static final Kind TIGHT =
            kind("sticker-cut-tight", Cost.PLACE, "%d cuts turn too tightly");
    private static final Kind BLEED =
            kind("sticker-bleed-short", Cost.RUN, "%d bleeds are shorter than blades drift");
    private static final Kind BORDER =
            kind("sticker-border-thin", Cost.RUN, "%d borders are thinner than blades drift");

    private static final Stage<Wish, List<Cut>> CUTS =
            new Stage<>("Looking at the cut lines", MakeInspection::cuts);

    static final Inspection<Reads> MAKE =
            new Inspection<>(
                    GangInspection.STATION,
                    List.of(LOOSE, SMALL, TIGHT, BLEED, BORDER),
                    Reads::of,
                    (Reads reads, Run<Reads, List<Group>> run) ->
                            new MakeInspection(reads, run.get(CUTS, reads.wish())).groups());

    /** What a silhouette is made of, mm on the page; the same as long as lines and flats are. */
    private record Shapes(Same<List<Outline>> lines, Same<List<FlatLayer>> flats) {

        Geometry silhouette(boolean enclosed) {
            return PrintedShape.of(
                    lines.value(), flats.value().stream().map(FlatLayer::shape).toList(), enclosed);
        }
    }

    /** How a sticker is cut, in its size. */
    private record Cutting(double factor, boolean enclosed, CutRecipe recipe, List<Pull> pulls) {}

    /** What cut lines are drawn of. */
    private record Wish(Shapes shapes, List<Cutting> stickers) {}

    /** The cuts of a sticker, with how near they come to what is printed, mm. */
    private record Cut(List<StickerCut> cuts, double nearestMm) {}

    /**
     * What is read.
     *
     * @param stickers of the brief, as they are held against
     */
    record Reads(
            Same<InkReading> reading,
            double pxPerMm,
            Shapes shapes,
            List<WantedGoods> stickers,
            List<Wished> wished,
            LogSection log) {

        static Reads of(Known known) {
            Drawing drawing = known.drawing();
            List<WantedGoods> stickers =
                    drawing.job().goods().wanted().stream()
                            .filter(MakeInspection::isSticker)
                            // What it costs and who is owed changes no line.
                            .map(one -> one.withCosts(Costs.UNKNOWN).withOwed(List.of()))
                            .toList();
            List<Integer> ids = stickers.stream().map(WantedGoods::id).toList();
            return new Reads(
                    Same.of(drawing.reading()),
                    drawing.resolution().pxPerMm(),
                    new Shapes(Same.of(drawing.lines()), Same.of(drawing.layers())),
                    stickers,
                    Wished.of(drawing).stream().filter(one -> ids.contains(one.id())).toList(),
                    drawing.job().log().settledAlone());
        }

        Wish wish() {
            List<Cutting> cutting = new ArrayList<>();
            for (int i = 0; i < stickers.size(); i++) {
                StickerRecipe recipe = stickers.get(i).sticker().on(stickers.get(i).goods());
                double factor = wished.get(i).fit().factor();
                cutting.add(
                        new Cutting(
                                factor,
                                recipe.enclosed(),
                                recipe.cutAt(factor),
                                recipe.pulls().stream().map(one -> one.scaled(factor)).toList()));
            }
            return new Wish(shapes, cutting);
        }
    }

    private final Reads reads;
    private final List<Cut> cuts;
    private final Leaving left;

    private MakeInspection(Reads reads, List<Cut> cuts) {
        this.reads = reads;
        this.cuts = cuts;
        this.left =
                new Leaving(
                        GangInspection.STATION,
                        reads.reading().value(),
                        reads.pxPerMm(),
                        reads.log());
    }

    private static Kind kind(String key, Cost cost, String many) {
        return new Kind(GangInspection.STATION, key, Severity.LOOK, cost, many);
    }

    private static boolean isSticker(WantedGoods one) {
        return one.goods().kind() == GoodsKind.STICKER
                || one.goods().kind() == GoodsKind.STICKER_SHEET;
    }

    private static List<Cut> cuts(Wish wish, Run<Wish, List<Cut>> run) {
        List<Cut> all = new ArrayList<>();
        for (Cutting one : wish.stickers()) {
            run.progress().report("Looking at the cut lines", 0);
            Geometry page = wish.shapes().silhouette(one.enclosed());
            double k = one.factor();
            Geometry silhouette = AffineTransformation.scaleInstance(k, k).transform(page);
            List<StickerCut> cuts = CutLine.of(silhouette, one.recipe(), one.pulls());
            all.add(new Cut(cuts, nearest(silhouette, cuts)));
        }
        return all;
    }

    private static double nearest(Geometry silhouette, List<StickerCut> cuts) {
        if (silhouette.isEmpty() || cuts.isEmpty()) {
            return 0;
        }
        IndexedFacetDistance edge = new IndexedFacetDistance(silhouette.getBoundary());
        return cuts.stream()
                .mapToDouble(cut -> edge.distance(cut.area().getExteriorRing()))
                .min()
                .orElseThrow();
    }

    private List<Group> groups() {
        List<Finding> loose = new ArrayList<>();
        List<Finding> small = new ArrayList<>();
        List<Finding> tight = new ArrayList<>();
        List<Finding> borders = new ArrayList<>();
        List<Finding> bleeds = new ArrayList<>();
        for (int i = 0; i < cuts.size(); i++) {
            if (!cuts.get(i).cuts().isEmpty()) {
                loose.addAll(loose(i));
                small.addAll(small(i));
                tight.addAll(tight(i));
                drift(i).ifPresent(one -> (one.kind() == BORDER ? borders : bleeds).add(one));
            }
        }
        List<Group> groups = new ArrayList<>();
        Group.of(loose, MOST_TOLD, all -> forAll()).ifPresent(groups::add);
        for (List<Finding> found : List.of(small, tight, borders, bleeds)) {
            Group.of(found, MOST_TOLD, all -> List.of(Group.each(all, Leaving.LEAVE, "Leave all")))
                    .ifPresent(groups::add);
        }
        return groups;
    }

    /** What is said for all holds for pieces that are not told singly, and for those to come. */
    private List<Answer> forAll() {
        return List.of(
                new Answer.Change(
                        Loose.OWN.key(),
                        "Stickers of their own",
                        "All loose pieces",
                        (job, drawing) -> allOwn(job)),
                all(Loose.BRIDGE, "Bridge all"),
                all(Loose.LEAVE, "Leave all out"));
    }

    private Job allOwn(Job job) {
        Job next = job;
        for (Wished wished : reads.wished()) {
            next = next.withSettled(Settled.whole(GangInspection.STATION, wished.left("loose")));
        }
        return next;
    }

    private Answer all(Loose as, String label) {
        return new Answer.Change(
                as.key(),
                label,
                "All loose pieces",
                (job, drawing) -> {
                    GoodsSection goods = job.goods();
                    for (WantedGoods one : goods.wanted()) {
                        StickerRecipe sticker = one.sticker();
                        goods =
                                isSticker(one)
                                        ? goods.with(
                                                one.withSticker(
                                                        sticker.withCut(
                                                                sticker.cut().withLoose(as))))
                                        : goods;
                    }
                    return job.withGoods(goods);
                });
    }

    /** Pieces that became stickers because nobody has said otherwise. */
    private List<Finding> loose(int i) {
        WantedGoods goods = reads.stickers().get(i);
        Wished wished = reads.wished().get(i);
        CutRecipe recipe = goods.sticker().cutAt(wished.fit().factor());
        List<Finding> found = new ArrayList<>();
        List<StickerCut> all = cuts.get(i).cuts();
        if (recipe.loose() != Loose.OWN || left.isLeft(wished.left("loose"))) {
            return found;
        }
        for (StickerCut cut : all.subList(1, all.size())) {
            if (!recipe.isDecided(cut.area())) {
                double away = cut.area().distance(all.get(0).area());
                found.add(
                        Finding.of(
                                        LOOSE,
                                        String.format(
                                                Locale.ROOT,
                                                "A piece lies %.1f mm away%s",
                                                away,
                                                wished.on()),
                                        "Its border does not reach the rest. It can be a sticker of"
                                                + " its own, be held by a bridge of the border’s"
                                                + " colour, or be left out.",
                                        decide(goods, cut, wished, Loose.OWN, "Its own sticker"),
                                        decide(goods, cut, wished, Loose.BRIDGE, "Bridge it"),
                                        decide(goods, cut, wished, Loose.LEAVE, "Leave it out"))
                                .at(place(cut, wished))
                                .measuring(Measure.mm(away))
                                .on(wished.keys()));
            }
        }
        return found;
    }

    private static Answer decide(
            WantedGoods goods, StickerCut cut, Wished wished, Loose as, String label) {
        Coordinate at = cut.area().getInteriorPoint().getCoordinate();
        LooseChoice choice =
                new LooseChoice(new Point(wished.onPage(at.x), wished.onPage(at.y)), as);
        return new Answer.Change(
                as.key(),
                label,
                "A loose piece",
                (job, drawing) -> decided(job, goods.id(), choice));
    }

    private static Job decided(Job job, int id, LooseChoice choice) {
        return job.goods()
                .of(id)
                .map(
                        one -> {
                            List<LooseChoice> pieces = new ArrayList<>(one.sticker().pieces());
                            pieces.add(choice);
                            return one.withSticker(one.sticker().withPieces(pieces));
                        })
                .map(one -> job.withGoods(job.goods().with(one)))
                .orElse(job);
    }

    private static Place place(StickerCut cut, Wished wished) {
        Envelope box = cut.area().getEnvelopeInternal();
        Coordinate middle = box.centre();
        return new Place.Box(
                new Point(wished.onPage(middle.x), wished.onPage(middle.y)),
                wished.onPage(box.getWidth()),
                wished.onPage(box.getHeight()));
    }

    private List<Finding> small(int i) {
        Wished wished = reads.wished().get(i);
        return cuts.get(i).cuts().stream()
                .filter(StickerCut::isSmall)
                .filter(cut -> !isLeft("small", cut, wished))
                .map(
                        cut ->
                                Finding.of(
                                                SMALL,
                                                String.format(
                                                        Locale.ROOT,
                                                        "A sticker of %.0f × %.0f mm",
                                                        cut.widthMm(),
                                                        cut.heightMm()),
                                                "Under 12 mm a sticker is hard to peel; it tears or"
                                                        + " stays on the backing.",
                                                leave("small", cut, wished))
                                        .at(place(cut, wished))
                                        .measuring(
                                                Measure.mm(Math.max(cut.widthMm(), cut.heightMm())))
                                        .against(StickerCut.PEELS_MM)
                                        .on(wished.keys()))
                .toList();
    }

    private List<Finding> tight(int i) {
        Wished wished = reads.wished().get(i);
        double least = reads.stickers().get(i).sticker().cut().radiusMm();
        return cuts.get(i).cuts().stream()
                .filter(cut -> cut.leastRadiusMm() < SAME * least)
                .filter(cut -> !isLeft("tight", cut, wished))
                .map(
                        cut ->
                                Finding.of(
                                                TIGHT,
                                                String.format(
                                                        Locale.ROOT,
                                                        "A cut turns by %.2f mm",
                                                        cut.leastRadiusMm()),
                                                "Tighter than was asked for: the blade drags there,"
                                                        + " and corners lift. A wider border rounds"
                                                        + " it.",
                                                leave("tight", cut, wished))
                                        .at(place(cut, wished))
                                        .measuring(Measure.mm(cut.leastRadiusMm()))
                                        .against(least)
                                        .on(wished.keys()))
                .toList();
    }

    private boolean isLeft(String what, StickerCut cut, Wished wished) {
        return left.isLeft(wished.left(what), place(cut, wished).at());
    }

    private Answer leave(String what, StickerCut cut, Wished wished) {
        return left.leave(wished.left(what), place(cut, wished).at());
    }

    /** A border or a bleed that the drift of a blade uses up. */
    private Optional<Finding> drift(int i) {
        Wished wished = reads.wished().get(i);
        StickerRecipe recipe = reads.stickers().get(i).sticker().on(wished.goods());
        double border = recipe.cut().borderMm();
        boolean plain = recipe.border().total() == 0 && !recipe.carriesEdge();
        if (border > 0 && cuts.get(i).nearestMm() < DRIFT_MM) {
            return drift(
                    BORDER,
                    "border",
                    "The border is " + Words.mm(cuts.get(i).nearestMm()) + " at its narrowest",
                    "Blades drift by 0.3 to 0.5 mm: where it is narrower the cut runs into the"
                            + " drawing.",
                    cuts.get(i).nearestMm(),
                    wished);
        }
        if (!plain && recipe.bleedMm() < DRIFT_MM) {
            return drift(
                    BLEED,
                    "bleed",
                    "Colour runs on " + Words.mm(recipe.bleedMm()) + " beyond the cut",
                    "Blades drift by 0.3 to 0.5 mm: a hair of bare vinyl shows where it does not"
                            + " run on so far. 2 mm are usual.",
                    recipe.bleedMm(),
                    wished);
        }
        return Optional.empty();
    }

    private Optional<Finding> drift(
            Kind kind, String what, String title, String reason, double mm, Wished wished) {
        String key = wished.left(what);
        return left.isLeft(key)
                ? Optional.empty()
                : Optional.of(
                        Finding.of(kind, title + wished.on(), reason, left.leave(key))
                                .measuring(Measure.mm(mm))
                                .against(DRIFT_MM)
                                .on(wished.keys()));
    }
}
