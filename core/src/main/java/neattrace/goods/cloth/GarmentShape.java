package neattrace.goods.cloth;

import java.util.ArrayList;
import java.util.BitSet;
import java.util.List;
import neattrace.geom.CubicLoop;
import neattrace.geom.CubicPath;
import neattrace.geom.Outline;
import neattrace.geom.Point;
import neattrace.goods.making.ClothRecipe;
import neattrace.goods.making.ClothRecipe.Place;
import neattrace.goods.making.ClothRecipe.Size;

/**
 * A plain shirt or bag laid flat, at true proportions, mm from its upper left corner with a rim
 * round it. Measures of garments are common practice, no source, from memory.
 *
 * @param widthMm of the whole
 * @param heightMm of it
 * @param cloth what is of cloth
 * @param seams lines on it, its edges among them
 * @param from where prints are measured from: their middle, and what they lie below
 */
public record GarmentShape(
        double widthMm, double heightMm, List<Outline> cloth, List<CubicPath> seams, Point from) {

    private static final double RIM_MM = 30;

    /** A bag and the height of its handles, mm. */
    private static final double BAG_WIDE = 380;

    private static final double BAG_HIGH = 420;
    private static final double HANDLES = 240;

    /**
     * A shirt's measures, mm.
     *
     * @param chest its width below the arms
     * @param length from the highest point of the shoulder
     */
    private record Cut(double chest, double length, double shoulders, double sleeve) {

        static final double NECK = 180;
        static final double FRONT_DROP = 95;
        static final double BACK_DROP = 22;
        static final double SLOPE = 45;
        static final double ARMHOLE = 240;

        static Cut of(Size size) {
            return switch (size) {
                case S_M -> new Cut(500, 700, 430, 200);
                case L_XL -> new Cut(560, 750, 480, 220);
                case XXL -> new Cut(640, 800, 530, 240);
            };
        }
    }

    public GarmentShape {
        cloth = List.copyOf(cloth);
        seams = List.copyOf(seams);
    }

    /** The garment that a print goes on. */
    public static GarmentShape of(ClothRecipe recipe) {
        boolean bag = recipe.place() == Place.TOTE;
        Cut cut = Cut.of(recipe.size());
        double wide = bag ? BAG_WIDE : cut.shoulders() + 2 * 0.8 * cut.sleeve();
        double high = bag ? BAG_HIGH + HANDLES : cut.length();
        double middle = RIM_MM + wide / 2;
        List<Outline> cloth = new ArrayList<>();
        List<CubicPath> seams = new ArrayList<>();
        if (bag) {
            bag(middle, cloth, seams);
        } else {
            shirt(cut, middle, recipe.place() == Place.BACK, cloth, seams);
        }
        // The wearer's left is on the right of who looks.
        Point from = new Point(middle + ClothPlaces.asideMm(recipe.place()), topMm(recipe.place()));
        return new GarmentShape(wide + 2 * RIM_MM, high + 2 * RIM_MM, cloth, seams, from);
    }

    /** Where the upper left corner of a print lies. */
    public Point print(double wideMm, double belowMm) {
        return from.plus(new Point(-wideMm / 2, belowMm));
    }

    /** How far below the upper edge what prints are measured from lies, mm. */
    private static double topMm(Place place) {
        return RIM_MM
                + switch (place) {
                    case CHEST -> Cut.FRONT_DROP;
                    case BACK -> Cut.BACK_DROP;
                    case LEFT_CHEST -> Cut.SLOPE * 0.35;
                    case TOTE -> HANDLES;
                };
    }

    private static void shirt(
            Cut cut, double middle, boolean back, List<Outline> cloth, List<CubicPath> seams) {
        double neck = Cut.NECK / 2;
        double shoulder = cut.shoulders() / 2;
        double chest = cut.chest() / 2;
        double reach = shoulder + 0.8 * cut.sleeve();
        double cuff = Cut.SLOPE + 0.62 * cut.sleeve();
        double drop = back ? Cut.BACK_DROP : Cut.FRONT_DROP;
        double wide = 0.62 * Cut.ARMHOLE;
        Pen pen = new Pen(middle, RIM_MM);
        pen.start(-neck, 0);
        pen.curve(-0.8 * neck, drop, -0.45 * neck, drop, 0, drop);
        pen.curve(0.45 * neck, drop, 0.8 * neck, drop, neck, 0);
        pen.line(shoulder, Cut.SLOPE);
        pen.line(reach, cuff);
        pen.line(reach - 0.36 * wide, cuff + wide);
        pen.line(chest, Cut.SLOPE + Cut.ARMHOLE);
        pen.line(chest, cut.length());
        pen.line(-chest, cut.length());
        pen.line(-chest, Cut.SLOPE + Cut.ARMHOLE);
        pen.line(-(reach - 0.36 * wide), cuff + wide);
        pen.line(-reach, cuff);
        pen.line(-shoulder, Cut.SLOPE);
        pen.line(-neck, 0);
        cloth.add(pen.loop());
        seams.add(pen.seam());
        for (int side = -1; side <= 1; side += 2) {
            pen.start(side * shoulder, Cut.SLOPE);
            pen.curve(
                    side * (shoulder - 26),
                    Cut.SLOPE + 0.4 * Cut.ARMHOLE,
                    side * (chest - 40),
                    Cut.SLOPE + 0.8 * Cut.ARMHOLE,
                    side * chest,
                    Cut.SLOPE + Cut.ARMHOLE);
            seams.add(pen.seam());
        }
        double rib = 20;
        pen.start(-neck - 0.7 * rib, 5);
        pen.curve(-0.9 * neck, drop + rib, -0.5 * neck, drop + rib, 0, drop + rib);
        pen.curve(0.5 * neck, drop + rib, 0.9 * neck, drop + rib, neck + 0.7 * rib, 5);
        seams.add(pen.seam());
        pen.start(-chest, cut.length() - 22);
        pen.line(chest, cut.length() - 22);
        seams.add(pen.seam());
    }

    private static void bag(double middle, List<Outline> cloth, List<CubicPath> seams) {
        double half = BAG_WIDE / 2;
        Pen pen = new Pen(middle, RIM_MM + HANDLES);
        pen.start(-half, 0);
        pen.line(half, 0);
        pen.line(half, BAG_HIGH);
        pen.line(-half, BAG_HIGH);
        pen.line(-half, 0);
        cloth.add(pen.loop());
        seams.add(pen.seam());
        double inner = 60;
        double outer = 85;
        pen.start(-outer, 35);
        pen.curve(-outer, -HANDLES * 1.3, outer, -HANDLES * 1.3, outer, 35);
        pen.line(inner, 35);
        pen.curve(inner, -HANDLES * 1.14, -inner, -HANDLES * 1.14, -inner, 35);
        pen.line(-outer, 35);
        cloth.add(pen.loop());
        seams.add(pen.seam());
        pen.start(-half, 28);
        pen.line(half, 28);
        seams.add(pen.seam());
    }

    /** Draws paths about a middle. */
    private static final class Pen {

        private final double middle;
        private final double top;
        private final List<Double> coords = new ArrayList<>();
        private double x;
        private double y;

        Pen(double middle, double top) {
            this.middle = middle;
            this.top = top;
        }

        void start(double toX, double toY) {
            coords.clear();
            add(toX, toY);
        }

        void line(double toX, double toY) {
            double fromX = x;
            double fromY = y;
            curve(
                    fromX + (toX - fromX) / 3,
                    fromY + (toY - fromY) / 3,
                    toX - (toX - fromX) / 3,
                    toY - (toY - fromY) / 3,
                    toX,
                    toY);
        }

        void curve(double x1, double y1, double x2, double y2, double toX, double toY) {
            add(x1, y1);
            add(x2, y2);
            add(toX, toY);
        }

        private void add(double toX, double toY) {
            coords.add(middle + toX);
            coords.add(top + toY);
            x = toX;
            y = toY;
        }

        private double[] all(int count) {
            return coords.stream().limit(count).mapToDouble(Double::doubleValue).toArray();
        }

        /** What ends where it began. */
        Outline loop() {
            return new Outline(CubicLoop.of(all(coords.size() - 2), new BitSet()), List.of());
        }

        CubicPath seam() {
            return CubicPath.of(all(coords.size()), new BitSet());
        }
    }
}
