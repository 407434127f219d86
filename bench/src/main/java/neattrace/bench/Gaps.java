package neattrace.bench;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import neattrace.geom.Point;
import neattrace.raster.DistanceTransform;
import neattrace.raster.GreySheet;
import neattrace.raster.InkMap;
import neattrace.raster.Resolution;
import neattrace.region.AreaMap;
import neattrace.region.CloseSettings;
import neattrace.region.Gap;
import neattrace.region.area.AreaFinder;
import neattrace.sheet.SheetRecipe;
import neattrace.sheet.ink.InkMapper;
import neattrace.stage.Progress;
import neattrace.standin.pen.PenDrawing;
import neattrace.standin.pen.PenDrawing.KnownGap;
import neattrace.standin.scanner.ScanSettings;
import neattrace.standin.scanner.StandInScanner;
import neattrace.standin.skerry.SkerryMail;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.operation.overlayng.OverlayNG;
import org.locationtech.jts.operation.overlayng.OverlayNGRobust;

/**
 * Gaps in known places: lines of the demo's drawings are broken where they part two areas, in
 * random places and widths, scanned, and looked for with automatic settings.
 */
public final class Gaps {

    private static final double PPI = 300;
    private static final int ROUNDS = 4;
    private static final int GAPS = 24;
    private static final double LEAST_MM = 0.2;
    private static final double MOST_MM = 1;

    /** Breaks keep so far from one another and from where lines meet, mm. */
    private static final double APART_MM = 2.5;

    /** A gap as near as this to a known one is that one, mm. */
    private static final double SAME_PLACE_MM = 1;

    private Gaps() {}

    /** Prints one row for each drawing, and all together. */
    public static void main(String[] arguments) {
        RecallTable table = new RecallTable("drawing", "gaps");
        for (SkerryMail mail : SkerryMail.values()) {
            List<int[]> rounds = new ArrayList<>();
            for (int round = 0; round < ROUNDS; round++) {
                rounds.add(measure(mail.draw(), new Random(97L * round + mail.ordinal())));
            }
            table.row(mail.name(), rounds);
        }
        table.all();
    }

    /** Known gaps, how many of these were closed, and what else was. */
    private static int[] measure(PenDrawing drawing, Random random) {
        PenDrawing broken = broken(drawing, random);
        AreaMap areas = areas(broken, CloseSettings.automatic());
        double mmPerPx = Resolution.MM_PER_INCH / PPI;
        int found = 0;
        for (KnownGap known : broken.gaps()) {
            found +=
                    areas.gaps().stream()
                                    .filter(Gap::closed)
                                    .anyMatch(gap -> isAt(gap, known, mmPerPx))
                            ? 1
                            : 0;
        }
        int others =
                (int)
                        areas.gaps().stream()
                                .filter(Gap::closed)
                                .filter(
                                        gap ->
                                                broken.gaps().stream()
                                                        .noneMatch(
                                                                known -> isAt(gap, known, mmPerPx)))
                                .count();
        return new int[] {broken.gaps().size(), found, others};
    }

    private static boolean isAt(Gap gap, KnownGap known, double mmPerPx) {
        return gap.place().times(mmPerPx).distance(known.place()) <= SAME_PLACE_MM;
    }

    private static AreaMap areas(PenDrawing drawing, CloseSettings settings) {
        return AreaFinder.find(
                ink(drawing), settings, PPI / Resolution.MM_PER_INCH, Progress.SILENT);
    }

    private static InkMap ink(PenDrawing drawing) {
        GreySheet sheet = StandInScanner.scan(drawing, ScanSettings.clean(PPI));
        return InkMapper.read(
                        sheet,
                        SheetRecipe.automatic(),
                        PPI / Resolution.MM_PER_INCH,
                        Progress.SILENT)
                .map();
    }

    /** The drawing with breaks in lines that part two areas. */
    private static PenDrawing broken(PenDrawing drawing, Random random) {
        InkMap ink = ink(drawing);
        double pxPerMm = PPI / Resolution.MM_PER_INCH;
        AreaMap areas = areas(drawing, CloseSettings.automatic());
        DistanceTransform side = DistanceTransform.of(ink);
        List<KnownGap> gaps = new ArrayList<>(drawing.gaps());
        Geometry left = drawing.ink();
        for (int tries = 0;
                tries < 200_000 && gaps.size() < drawing.gaps().size() + GAPS;
                tries++) {
            int x = 40 + random.nextInt(ink.width() - 80);
            int y = 40 + random.nextInt(ink.height() - 80);
            Point along = along(areas, ink, x, y, (int) (APART_MM * pxPerMm / 2));
            Point place = new Point((x + 0.5) / pxPerMm, (y + 0.5) / pxPerMm);
            boolean apart = gaps.stream().allMatch(gap -> gap.place().distance(place) > APART_MM);
            if (along == null || !apart) {
                continue;
            }
            double width = LEAST_MM + random.nextDouble() * (MOST_MM - LEAST_MM);
            double thick = 2 * Math.sqrt(side.squaredToPaper(y * ink.width() + x)) / pxPerMm + 0.3;
            left =
                    OverlayNGRobust.overlay(
                            left, cut(place, along, width, thick), OverlayNG.DIFFERENCE);
            gaps.add(new KnownGap(place, width));
        }
        return new PenDrawing(drawing.title(), drawing.widthMm(), drawing.heightMm(), left, gaps);
    }

    /** A bar across a line. */
    private static Geometry cut(Point place, Point along, double width, double thick) {
        Point a = along.times(width / 2);
        Point b = new Point(-along.y(), along.x()).times(thick);
        Coordinate[] ring = new Coordinate[5];
        Point[] corners = {
            place.plus(a).plus(b),
            place.plus(a).minus(b),
            place.minus(a).minus(b),
            place.minus(a).plus(b)
        };
        for (int i = 0; i < 5; i++) {
            ring[i] = new Coordinate(corners[i % 4].x(), corners[i % 4].y());
        }
        return new GeometryFactory().createPolygon(ring);
    }

    /**
     * The direction of the line in whose middle a pixel lies; null if it is not such, or if more
     * than two areas, or ends, or other lines are near.
     */
    private static Point along(AreaMap areas, InkMap ink, int x, int y, int reach) {
        int width = ink.width();
        int i = y * width + x;
        if (!ink.isInk(i)
                || areas.label(i) == areas.label(i + 1)
                        && areas.label(i) == areas.label(i + width)) {
            return null;
        }
        int other =
                areas.label(i) == areas.label(i + 1) ? areas.label(i + width) : areas.label(i + 1);
        if (!ink.isInk(areas.label(i) == areas.label(i + 1) ? i + width : i + 1)) {
            return null;
        }
        double xx = 0;
        double xy = 0;
        double yy = 0;
        int edges = 0;
        int[] paper = new int[2];
        for (int dy = -reach; dy <= reach; dy++) {
            for (int dx = -reach; dx <= reach; dx++) {
                int at = i + dy * width + dx;
                if (areas.label(at) != areas.label(i) && areas.label(at) != other) {
                    return null;
                }
                if (!ink.isInk(at)) {
                    paper[areas.label(at) == other ? 1 : 0]++;
                }
                if (areas.label(at) != areas.label(at + 1)
                        || areas.label(at) != areas.label(at + width)) {
                    edges++;
                    xx += dx * dx;
                    xy += dx * dy;
                    yy += dy * dy;
                }
            }
        }
        double angle = 0.5 * Math.atan2(2 * xy, xx - yy);
        // One line straight through the window, with paper on both sides of it.
        boolean line = edges >= 2 * reach && edges <= 3.2 * reach;
        int least = reach * reach / 2;
        return line && paper[0] > least && paper[1] > least
                ? new Point(Math.cos(angle), Math.sin(angle))
                : null;
    }
}
