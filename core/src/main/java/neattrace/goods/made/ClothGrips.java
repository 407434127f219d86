package neattrace.goods.made;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.UnaryOperator;
import neattrace.geom.Point;
import neattrace.geom.Transforms;
import neattrace.goods.Sizing;
import neattrace.goods.cloth.ClothPlaces;
import neattrace.goods.cloth.ClothPrint;
import neattrace.goods.cloth.Garment;
import neattrace.goods.making.ClothRecipe;
import neattrace.job.WantedGoods;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.util.AffineTransformation;

/** A print on its cloth in hand, its signature, and places where that could stand. */
final class ClothGrips {

    private static final double MOST_BELOW_MM = 1000;
    private static final double STEP_MM = 5;
    private static final double LETTERS_MM = 0.5;

    private final ClothPrint print;
    private final Garment garment;
    private final AffineTransformation onGarment;
    private final AffineTransformation onDrawing;

    ClothGrips(ClothPrint print, Garment garment) {
        this.print = print;
        this.garment = garment;
        this.onGarment =
                new AffineTransformation()
                        .translate(
                                -print.drawing().extent().left(), -print.drawing().extent().top())
                        .scale(print.factor(), print.factor())
                        .translate(garment.print().x(), garment.print().y());
        this.onDrawing = Transforms.inverse(onGarment);
    }

    /** From the drawing's page to the garment's. */
    AffineTransformation onGarment() {
        return onGarment;
    }

    List<Grip> grips() {
        List<Grip> grips = new ArrayList<>();
        grips.add(whole());
        Optional<Grip> signed = signature();
        signed.ifPresent(grips::add);
        int number = 1;
        double letters = print.recipe().signatureMm();
        for (Point at : print.quiet()) {
            Grip place = place(at, number++);
            boolean taken =
                    signed.filter(one -> one.at().distance(place.at()) < letters).isPresent();
            if (!taken) {
                grips.add(place);
            }
        }
        return grips;
    }

    private Grip whole() {
        Point from = garment.print();
        Envelope box =
                new Envelope(
                        from.x(),
                        from.x() + print.widthMm(),
                        from.y(),
                        from.y() + print.heightMm());
        Point middle = new Point(box.centre().x, box.centre().y);
        double seam = from.y() - print.belowMm();
        return Grip.of(
                        0,
                        middle,
                        corners(box),
                        true,
                        String.format(
                                Locale.ROOT,
                                "Print, %.0f × %.0f mm, %.0f mm below %s",
                                print.widthMm(),
                                print.heightMm(),
                                print.belowMm(),
                                ClothPlaces.from(print.recipe().place())))
                .with(Act.LARGER, "Wider", (goods, fine) -> wider(goods, fine ? 1 : STEP_MM))
                .with(Act.SMALLER, "Narrower", (goods, fine) -> wider(goods, fine ? -1 : -STEP_MM))
                .moving(
                        (goods, to) -> {
                            double below = to.y() - print.heightMm() / 2 - seam;
                            return cloth(goods, one -> one.withBelowMm(clamp(below)));
                        });
    }

    /** 0 stands for as usual, so that the least is a little more. */
    private static double clamp(double below) {
        return Math.max(0.1, Math.min(MOST_BELOW_MM, below));
    }

    private static WantedGoods wider(WantedGoods goods, double byMm) {
        Sizing sizing = goods.goods().sizing();
        double wide = Math.max(Sizing.LEAST_MM, sizing.widthMm() + byMm);
        return goods.withGoods(goods.goods().withSizing(sizing.withWidthMm(wide)));
    }

    private Optional<Grip> signature() {
        return print.signature()
                .map(letters -> onGarment.transform(letters).getEnvelopeInternal())
                .map(
                        box -> {
                            Point at = new Point(box.centre().x, box.centre().y);
                            return Grip.of(
                                            0,
                                            at,
                                            corners(grown(box, 1.5)),
                                            true,
                                            String.format(
                                                    Locale.ROOT,
                                                    "Signature, small letters of %.1f mm",
                                                    print.recipe().signatureMm()))
                                    .with(
                                            Act.LARGER,
                                            "Larger",
                                            (goods, fine) -> letters(goods, fine, 1))
                                    .with(
                                            Act.SMALLER,
                                            "Smaller",
                                            (goods, fine) -> letters(goods, fine, -1))
                                    .with(
                                            Act.REMOVE,
                                            "Take it out",
                                            (goods, fine) ->
                                                    cloth(goods, one -> one.withSignature("")))
                                    .moving((goods, to) -> signedAt(goods, to));
                        });
    }

    private static WantedGoods letters(WantedGoods goods, boolean fine, int way) {
        double by = way * (fine ? LETTERS_MM / 5 : LETTERS_MM);
        return cloth(
                goods,
                one -> one.withSignatureMm(Math.max(0.5, Math.min(50, one.signatureMm() + by))));
    }

    /** Its middle goes there: letters stand a little above or below the place they are given. */
    private WantedGoods signedAt(WantedGoods goods, Point to) {
        Point at = Transforms.apply(onDrawing, to);
        return cloth(goods, one -> one.withSignatureAt(Optional.of(at)));
    }

    private Grip place(Point at, int number) {
        Point there = Transforms.apply(onGarment, at);
        double r = Math.max(1.5, print.recipe().signatureMm() / 2);
        return Grip.of(
                        0,
                        there,
                        corners(grown(new Envelope(new Coordinate(there.x(), there.y())), r)),
                        true,
                        "Quiet place " + number + " for the signature")
                .looking(Grip.Look.POSSIBLE)
                .with(
                        Act.SWITCH,
                        "Sign here",
                        (goods, fine) -> cloth(goods, one -> one.withSignatureAt(Optional.of(at))));
    }

    private static Envelope grown(Envelope box, double by) {
        Envelope grown = new Envelope(box);
        grown.expandBy(by);
        return grown;
    }

    static List<Point> corners(Envelope box) {
        return List.of(
                new Point(box.getMinX(), box.getMinY()),
                new Point(box.getMaxX(), box.getMinY()),
                new Point(box.getMaxX(), box.getMaxY()),
                new Point(box.getMinX(), box.getMaxY()));
    }

    private static WantedGoods cloth(WantedGoods goods, UnaryOperator<ClothRecipe> change) {
        return goods.withMaking(goods.making().withCloth(change.apply(goods.making().cloth())));
    }
}
