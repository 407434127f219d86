package neattrace.goods.stencil;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.geom.util.PolygonExtracter;
import org.locationtech.jts.operation.overlayng.OverlayNG;
import org.locationtech.jts.operation.overlayng.OverlayNGRobust;

/**
 * A sheet as it would fall apart, and where ties could run: all that other ties do not change.
 *
 * @param page the sheet
 * @param away what is cut away, mm on the sheet
 * @param pieces that would be left, that round everything first
 * @param dropped pieces so small that they fall out
 * @param raster of what lies about the ink
 * @param crossings places where ties could run; none if nothing must be held
 */
record UntiedSheet(
        Polygon page,
        Geometry away,
        List<Polygon> pieces,
        List<Polygon> dropped,
        SheetRaster raster,
        List<Crossing> crossings) {

    private static final GeometryFactory FACTORY = new GeometryFactory();

    /** Slivers that overlays leave, mm2. */
    private static final double NOTHING_MM2 = 1e-6;

    /** Farther from the ink nothing is narrow; besides the least width of webs, mm. */
    private static final double ABOUT_MM = 3;

    static UntiedSheet of(Envelope sheet, Geometry ink, double dropMm2, double webMm) {
        Polygon page = (Polygon) FACTORY.toGeometry(sheet);
        List<Polygon> pieces = pieces(page, ink);
        List<Polygon> dropped = new ArrayList<>();
        for (Polygon piece : pieces.subList(Math.min(1, pieces.size()), pieces.size())) {
            if (piece.getArea() <= dropMm2) {
                dropped.add(piece);
            }
        }
        pieces.removeAll(dropped);
        Envelope about = ink.getEnvelopeInternal();
        about.expandBy(webMm + ABOUT_MM);
        about = about.intersection(sheet);
        SheetRaster raster = SheetRaster.of(about.isNull() ? sheet : about, pieces);
        double[] sides = pieces.stream().mapToDouble(one -> Math.sqrt(one.getArea())).toArray();
        return new UntiedSheet(
                page,
                with(ink, dropped, OverlayNG.UNION),
                pieces,
                dropped,
                raster,
                pieces.size() < 2 ? List.of() : Crossings.of(raster, sides));
    }

    /** The pieces that stay, that round everything first. */
    private static List<Polygon> pieces(Polygon page, Geometry ink) {
        Geometry rest = OverlayNGRobust.overlay(page, ink, OverlayNG.DIFFERENCE);
        List<Polygon> pieces = new ArrayList<>();
        for (Object one : PolygonExtracter.getPolygons(rest)) {
            if (((Polygon) one).getArea() > NOTHING_MM2) {
                pieces.add((Polygon) one);
            }
        }
        Comparator<Polygon> byEdge =
                Comparator.comparing(one -> !touches(one, page.getEnvelopeInternal()));
        pieces.sort(byEdge.thenComparing(Comparator.comparingDouble(Polygon::getArea).reversed()));
        return pieces;
    }

    private static boolean touches(Polygon piece, Envelope page) {
        Envelope box = piece.getEnvelopeInternal();
        return box.getMinX() <= page.getMinX()
                || box.getMinY() <= page.getMinY()
                || box.getMaxX() >= page.getMaxX()
                || box.getMaxY() >= page.getMaxY();
    }

    /** A shape with others, or without them. */
    static Geometry with(Geometry shape, List<Polygon> others, int how) {
        return others.isEmpty()
                ? shape
                : OverlayNGRobust.overlay(
                        shape, OverlayNGRobust.union(FACTORY.buildGeometry(others)), how);
    }

    /** What is left about the ink once something was cut. */
    SheetRaster after(Geometry cut) {
        Geometry rest = OverlayNGRobust.overlay(page, cut, OverlayNG.DIFFERENCE);
        return SheetRaster.of(raster.box(), List.of(rest));
    }
}
