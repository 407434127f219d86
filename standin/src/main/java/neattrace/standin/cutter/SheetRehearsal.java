package neattrace.standin.cutter;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import neattrace.export.GoodsFormat;
import neattrace.geom.Point;
import neattrace.goods.cut.BladeDrift;
import neattrace.goods.cut.StickerRecipe;
import neattrace.goods.nest.Laid;
import neattrace.goods.sheet.SheetItem;
import neattrace.goods.sheet.SheetPlan;
import neattrace.goods.sheet.StickerSheet;
import neattrace.goods.sticker.StickerPlan;
import neattrace.press.PressProfile;
import neattrace.print.PrintPlan;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.operation.overlayng.OverlayNG;
import org.locationtech.jts.operation.overlayng.OverlayNGRobust;

/**
 * A sheet of stickers cut on the stand-in, from the cut file as it would be written.
 *
 * @param sheet what was cut
 * @param cuts lines of the file, in its order
 * @param run what came of it
 * @param margins how much drift each sticker bears, in the order in which they lie there
 */
public record SheetRehearsal(
        StickerSheet sheet, List<CutPath> cuts, StandInCutter.Run run, List<Margin> margins) {

    /** Files say resolution for what is painted; cuts have none. */
    private static final double PPI = 300;

    /** A line of the file this near to a sticker's cut is that cut, mm. */
    private static final double SAME_MM = 0.2;

    /**
     * How much drift a sticker bears.
     *
     * @param backgroundMm from so much on, the sheet's ground or a neighbour's bleed shows
     * @param artMm from so much on, the drawing is cut into; infinite if it is cut through anyway
     */
    public record Margin(double backgroundMm, double artMm) {

        /** From so much drift on, anything shows that should not. */
        public double leastMm() {
            return Math.min(backgroundMm, artMm);
        }
    }

    public SheetRehearsal {
        cuts = List.copyOf(cuts);
        margins = List.copyOf(margins);
    }

    /** Writes the cut file, reads it again, and cuts. */
    public static SheetRehearsal of(StickerSheet sheet, PressProfile press, CutterSettings settings)
            throws IOException {
        PrintPlan plan = SheetPlan.of(sheet, press);
        ByteArrayOutputStream file = new ByteArrayOutputStream();
        GoodsFormat.HPGL.write(plan, PPI, file);
        List<CutPath> cuts = CutFileReader.read(file.toByteArray(), plan.heightMm());
        return new SheetRehearsal(
                sheet,
                cuts,
                StandInCutter.run(cuts, plan.heightMm(), settings),
                margins(sheet, cuts));
    }

    private static List<Margin> margins(StickerSheet sheet, List<CutPath> cuts) {
        List<Laid> laid = sheet.nest().laid();
        List<Geometry> printed = new ArrayList<>();
        for (Laid one : laid) {
            printed.add(sheet.placed(one, StickerPlan.printedUpTo(sheet.item(one).sticker())));
        }
        List<Margin> margins = new ArrayList<>();
        for (int i = 0; i < laid.size(); i++) {
            SheetItem item = sheet.item(laid.get(i));
            Geometry own = printed.get(i);
            for (int j = 0; j < laid.size(); j++) {
                SheetItem other = sheet.item(laid.get(j));
                if (i != j && own.intersects(printed.get(j)) && !isAlike(item, other)) {
                    own = OverlayNGRobust.overlay(own, printed.get(j), OverlayNG.DIFFERENCE);
                }
            }
            margins.add(margin(sheet, laid.get(i), own, cuts));
        }
        return margins;
    }

    /** Whether bleeds that meet look the same, so that nobody sees where one ends. */
    private static boolean isAlike(SheetItem one, SheetItem other) {
        StickerRecipe a = one.sticker().recipe();
        StickerRecipe b = other.sticker().recipe();
        return !a.carriesEdge() && !b.carriesEdge() && a.border().equals(b.border());
    }

    private static Margin margin(
            StickerSheet sheet, Laid one, Geometry printed, List<CutPath> cuts) {
        SheetItem item = sheet.item(one);
        Geometry area = sheet.placed(one, item.sticker().area());
        boolean throughArt = item.sticker().recipe().cut().borderMm() == 0;
        Geometry art =
                throughArt
                        ? area.getFactory().createPolygon()
                        : sheet.placed(one, item.sticker().silhouette());
        List<CutPath> own = cuts.stream().filter(cut -> !cut.through() && isOf(cut, area)).toList();
        double background = Double.POSITIVE_INFINITY;
        double intoArt = Double.POSITIVE_INFINITY;
        for (DriftCheck.Margin margin : DriftCheck.of(own, printed, art)) {
            background = Math.min(background, margin.backgroundMm());
            intoArt = Math.min(intoArt, margin.artMm());
        }
        return new Margin(background, intoArt);
    }

    private static boolean isOf(CutPath cut, Geometry area) {
        Point start = cut.start();
        Coordinate at = new Coordinate(start.x(), start.y());
        return area.getBoundary().distance(area.getFactory().createPoint(at)) < SAME_MM;
    }

    /**
     * A sticker that is cut.
     *
     * @param laid its number among those that lie on the sheet
     * @param from where the blade comes down
     */
    public record Turn(int laid, Point from) {}

    /** The stickers in the order in which they are cut, each where its first cut begins. */
    public List<Turn> turns() {
        List<Turn> turns = new ArrayList<>();
        Set<Integer> known = new HashSet<>();
        for (CutPath cut : cuts) {
            for (int i = 0; i < sheet.nest().laid().size() && !cut.through(); i++) {
                Laid one = sheet.nest().laid().get(i);
                boolean first =
                        !known.contains(i)
                                && isOf(cut, sheet.placed(one, sheet.item(one).sticker().area()));
                if (first) {
                    known.add(i);
                    turns.add(new Turn(i, cut.start()));
                }
            }
        }
        return turns;
    }

    private String borne() {
        long all = margins.stream().filter(one -> one.leastMm() < BladeDrift.MOST_MM).count();
        long usual = margins.stream().filter(one -> one.leastMm() < BladeDrift.USUAL_MM).count();
        return all == 0
                ? "All bear the 0.5 mm that blades drift in practice."
                : all
                        + " of "
                        + margins.size()
                        + " bear less than the 0.5 mm that blades drift in practice, "
                        + usual
                        + " less than 0.3 mm.";
    }

    /** What was found, in plain sentences. */
    public List<String> told() {
        List<String> told = new ArrayList<>();
        told.add(run.took());
        int worst = -1;
        for (int i = 0; i < margins.size(); i++) {
            boolean less = worst < 0 || margins.get(i).leastMm() < margins.get(worst).leastMm();
            worst = less ? i : worst;
        }
        if (worst >= 0) {
            Margin least = margins.get(worst);
            told.add(
                    String.format(
                            Locale.ROOT,
                            "%s bears the least: from %.2f mm of drift on %s.",
                            sheet.item(sheet.nest().laid().get(worst)).name(),
                            least.leastMm(),
                            least.backgroundMm() <= least.artMm()
                                    ? "ground or a neighbour shows"
                                    : "the drawing is cut into"));
            told.add(borne());
        }
        told.addAll(run.faults());
        return told;
    }
}
