package neattrace.goods.stencil;

import java.util.ArrayList;
import java.util.List;
import neattrace.geom.CubicLoop;
import neattrace.geom.Outline;
import neattrace.goods.cut.CutInks;
import neattrace.goods.cut.CutOrder;
import neattrace.goods.cut.PrintedShape;
import neattrace.goods.sticker.StickerPlan;
import neattrace.press.Colorant;
import neattrace.press.PressProfile;
import neattrace.press.Rgb;
import neattrace.press.Tints;
import neattrace.print.PrintLayer;
import neattrace.print.PrintLayer.Kind;
import neattrace.print.PrintObject;
import neattrace.print.PrintPlan;
import neattrace.print.PrintShape;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.geom.util.PolygonExtracter;
import org.locationtech.jts.simplify.TopologyPreservingSimplifier;

/** Cut stencils as plans: what the blade removes, and beside it the ties, which it leaves. */
public final class StencilPlan {

    /** The layer of the ties. */
    public static final String TIES = "ties";

    private static final Rgb TIE_COLOUR = new Rgb(0x1f, 0x7a, 0x6d);

    /** Corners finer than a blade follows are left out, mm. */
    private static final double FINE_MM = 0.008;

    /** Legs of the corners by which sheets are laid over one another, and how far in, mm. */
    private static final double CORNER_MM = 8;

    private static final double CORNER_IN_MM = 6;

    private StencilPlan() {}

    /** A plan for each sheet. */
    public static List<PrintPlan> of(StencilSet set, String title, PressProfile press) {
        List<PrintPlan> plans = new ArrayList<>();
        for (StencilSet.Named one : set.sheets()) {
            List<List<CubicLoop>> loops = loops(one.stencil().cut());
            if (set.hasRegister()) {
                corners(set.room().widthMm(), set.room().heightMm(), loops);
            }
            String name = set.sheets().size() == 1 ? title : title + ", " + one.name();
            PrintLayer cut = StickerPlan.kiss(CutOrder.of(loops), CutInks.USUAL);
            plans.add(
                    new PrintPlan(
                            name,
                            set.room().widthMm(),
                            set.room().heightMm(),
                            0,
                            List.of(ties(one.stencil()), cut),
                            press));
        }
        return plans;
    }

    /** The loops of each opening, the outside first. */
    private static List<List<CubicLoop>> loops(Geometry cut) {
        List<List<CubicLoop>> all = new ArrayList<>();
        for (Object each : PolygonExtracter.getPolygons(cut)) {
            Geometry plain = TopologyPreservingSimplifier.simplify((Polygon) each, FINE_MM);
            if (plain instanceof Polygon polygon && !polygon.isEmpty()) {
                List<CubicLoop> loops = new ArrayList<>();
                loops.add(PrintedShape.loop(polygon.getExteriorRing()));
                for (int i = 0; i < polygon.getNumInteriorRing(); i++) {
                    loops.add(PrintedShape.loop(polygon.getInteriorRingN(i)));
                }
                all.add(loops);
            }
        }
        return all;
    }

    /** Triangles in the corners of the rim, cut like everything else. */
    private static void corners(double width, double height, List<List<CubicLoop>> loops) {
        for (int k = 0; k < 4; k++) {
            boolean right = k % 2 == 1;
            boolean foot = k / 2 == 1;
            double x = right ? width - CORNER_IN_MM : CORNER_IN_MM;
            double y = foot ? height - CORNER_IN_MM : CORNER_IN_MM;
            double dx = right ? -CORNER_MM : CORNER_MM;
            double dy = foot ? -CORNER_MM : CORNER_MM;
            loops.add(List.of(CubicLoop.polygon(x, y, x + dx, y, x, y + dy)));
        }
    }

    private static PrintLayer ties(CutStencil stencil) {
        Tints tints = Tints.full(Colorant.GUIDE);
        List<PrintObject> objects = new ArrayList<>();
        for (Tie tie : stencil.ties()) {
            objects.add(
                    PrintObject.of(
                            new PrintShape.Curved(
                                    new Outline(
                                            PrintedShape.loop(tie.shape().getExteriorRing()),
                                            List.of())),
                            tints));
        }
        return new PrintLayer(
                TIES, Kind.GUIDE, TIE_COLOUR, Colorant.GUIDE.name(), objects, List.of());
    }
}
