package neattrace.print.ready;

import java.awt.geom.AffineTransform;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import neattrace.press.Colorant;
import neattrace.press.Rgb;
import neattrace.press.Tints;
import neattrace.print.PrintLayer;
import neattrace.print.PrintLayer.Kind;
import neattrace.print.PrintObject;
import neattrace.print.PrintPage;
import neattrace.print.PrintPlan;
import neattrace.print.PrintShape;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.operation.overlayng.OverlayNG;
import org.locationtech.jts.operation.overlayng.OverlayNGRobust;

/**
 * A page for films and plates: larger than the sheet, with marks by which plates are laid over one
 * another, the name of each ink, and a strip of tints to judge the press by, all outside the trim.
 */
public final class FilmPage {

    /** So much wider at every side, mm. */
    public static final double RIM_MM = 14;

    private static final double MARK_MM = 6;
    private static final double LINE_MM = 0.15;
    private static final double PATCH_MM = 4;
    private static final double[] PATCHES = {100, 75, 50, 25};
    private static final GeometryFactory FACTORY = new GeometryFactory();

    private FilmPage() {}

    /**
     * A plan with marks round it.
     *
     * @param order its inks as they are printed: they are numbered by it
     * @param mirrored whether films are seen from behind, as some printers want them
     */
    public static PrintPlan of(PrintPlan plan, List<Colorant> order, boolean mirrored) {
        double width = plan.widthMm() + 2 * RIM_MM;
        double height = plan.heightMm() + 2 * RIM_MM;
        AffineTransform shift = AffineTransform.getTranslateInstance(RIM_MM, RIM_MM);
        PrintPlan moved = PrintPage.mapped(plan, shift, width, height, plan.press());
        List<PrintLayer> layers = new ArrayList<>(moved.layers());
        layers.add(marks(order, width, height, RIM_MM + plan.trimMm()));
        PrintPlan marked =
                new PrintPlan(
                        plan.title(), width, height, RIM_MM + plan.trimMm(), layers, plan.press());
        if (!mirrored) {
            return marked;
        }
        AffineTransform mirror = new AffineTransform(-1, 0, 0, 1, width, 0);
        return PrintPage.mapped(marked, mirror, width, height, plan.press());
    }

    private static PrintLayer marks(List<Colorant> inks, double width, double height, double trim) {
        Map<Colorant, Double> all = new LinkedHashMap<>();
        inks.forEach(ink -> all.put(ink, 100.0));
        Tints every = new Tints(all);
        List<PrintObject> objects = new ArrayList<>();
        double middle = RIM_MM / 2;
        for (double[] at :
                new double[][] {
                    {width / 2, middle},
                    {width / 2, height - middle},
                    {middle, height / 2},
                    {width - middle, height / 2}
                }) {
            objects.add(object(cross(at[0], at[1]), every));
        }
        objects.add(object(corners(width, height, trim), every));
        List<Geometry> names = FilmNames.of(inks, width, height);
        for (int i = 0; i < inks.size(); i++) {
            objects.add(object(names.get(i), Tints.full(inks.get(i))));
        }
        double left = RIM_MM + 2;
        double top = height - middle - PATCH_MM / 2;
        for (Colorant ink : inks) {
            for (double tint : PATCHES) {
                if (Math.abs(left + PATCH_MM / 2 - width / 2) < MARK_MM) {
                    left = width / 2 + MARK_MM;
                }
                if (left + PATCH_MM > width - RIM_MM) {
                    break;
                }
                Envelope box = new Envelope(left, left + PATCH_MM, top, top + PATCH_MM);
                objects.add(object(FACTORY.toGeometry(box), new Tints(Map.of(ink, tint))));
                left += PATCH_MM;
            }
        }
        return new PrintLayer("Marks", Kind.MARKS, new Rgb(0, 0, 0), "", objects, List.of());
    }

    private static PrintObject object(Geometry shape, Tints tints) {
        return PrintObject.of(new PrintShape.Filled(shape), tints);
    }

    /** A ring with a cross through it. */
    private static Geometry cross(double x, double y) {
        Geometry point = FACTORY.createPoint(new Coordinate(x, y));
        double radius = MARK_MM / 4;
        Geometry ring =
                OverlayNGRobust.overlay(
                        point.buffer(radius + LINE_MM / 2, 16),
                        point.buffer(radius - LINE_MM / 2, 16),
                        OverlayNG.DIFFERENCE);
        double half = MARK_MM / 2;
        List<Geometry> parts =
                List.of(
                        ring,
                        bar(x - half, x + half, y - LINE_MM / 2, y + LINE_MM / 2),
                        bar(x - LINE_MM / 2, x + LINE_MM / 2, y - half, y + half));
        return OverlayNGRobust.union(parts);
    }

    /** Two hairlines at each corner of the trim, 3 mm away from it. */
    private static Geometry corners(double width, double height, double trim) {
        List<Geometry> bars = new ArrayList<>();
        double half = LINE_MM / 2;
        double end = trim - 3;
        double start = Math.max(0.5, end - 6);
        for (double y : new double[] {trim, height - trim}) {
            bars.add(bar(start, end, y - half, y + half));
            bars.add(bar(width - end, width - start, y - half, y + half));
        }
        for (double x : new double[] {trim, width - trim}) {
            bars.add(bar(x - half, x + half, start, end));
            bars.add(bar(x - half, x + half, height - end, height - start));
        }
        return OverlayNGRobust.union(bars);
    }

    private static Geometry bar(double left, double right, double top, double bottom) {
        return FACTORY.toGeometry(new Envelope(left, right, top, bottom));
    }
}
