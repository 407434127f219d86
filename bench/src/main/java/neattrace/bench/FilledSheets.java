package neattrace.bench;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Locale;
import java.util.Random;
import neattrace.geom.Outline;
import neattrace.geom.Point;
import neattrace.goods.Goods;
import neattrace.goods.GoodsFit;
import neattrace.goods.GoodsKind;
import neattrace.goods.Sizing;
import neattrace.goods.UsualGoods;
import neattrace.goods.cut.StickerRecipe;
import neattrace.goods.nest.Nest;
import neattrace.goods.nest.NestPiece;
import neattrace.goods.nest.NestSheet;
import neattrace.goods.nest.NestWish;
import neattrace.goods.nest.Nester;
import neattrace.goods.sheet.SheetItem;
import neattrace.goods.sheet.SheetLayout;
import neattrace.goods.sheet.SheetPlan;
import neattrace.goods.sheet.StickerSheet;
import neattrace.goods.sticker.Sticker;
import neattrace.job.pipeline.Drawing;
import neattrace.job.pipeline.Pipeline;
import neattrace.press.PressProfile;
import neattrace.print.Artwork;
import neattrace.print.PrintObject;
import neattrace.print.PrintShape;
import neattrace.raster.reading.PictureException;
import neattrace.stage.Progress;
import neattrace.standin.skerry.SkerryJobs;
import neattrace.standin.skerry.SkerryMotif;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.geom.util.AffineTransformation;
import org.locationtech.jts.triangulate.VoronoiDiagramBuilder;

/**
 * Sheets of stickers: how dense, how soon, how far the cutter travels; and jigsaws put together.
 */
public final class FilledSheets {

    private static final double WIDTH_MM = 40;
    private static final double TIMES_AREA = 1.25;

    private FilledSheets() {}

    /** Optionally how many jigsaws, and how many seconds each may take. */
    public static void main(String[] arguments) throws PictureException {
        int jigsaws = arguments.length > 0 ? Integer.parseInt(arguments[0]) : 20;
        double seconds = arguments.length > 1 ? Double.parseDouble(arguments[1]) : 20;
        motifs();
        jigsaws(jigsaws, seconds);
    }

    private static void motifs() throws PictureException {
        PressProfile press = PressProfile.bundled();
        List<SheetItem> items = new ArrayList<>();
        Goods goods =
                UsualGoods.of(GoodsKind.STICKER_SHEET)
                        .withSizing(new Sizing(Sizing.Fit.WIDTH, WIDTH_MM, WIDTH_MM, 300));
        for (SkerryMotif motif : SkerryMotif.values()) {
            Drawing drawing = new Pipeline().run(SkerryJobs.job(motif), Progress.SILENT);
            GoodsFit fit =
                    GoodsFit.of(goods, drawing.extent().widthMm(), drawing.extent().heightMm());
            Artwork art = Artwork.of(drawing, press).forFiles(fit.factor());
            Sticker sticker = Sticker.of(art, fit.factor(), StickerRecipe.USUAL.on(goods));
            items.add(new SheetItem(motif.name(), sticker, 1));
        }
        System.out.printf(Locale.ROOT, "rows of boxes: density %.3f%n", boxes(items));
        for (double most : new double[] {3, 10, 30}) {
            long start = System.nanoTime();
            StickerSheet sheet =
                    StickerSheet.arrange(
                            SheetLayout.USUAL,
                            "",
                            "",
                            items,
                            List.of(),
                            new NestWish(24, true, 1, most, 100_000),
                            found -> {},
                            Progress.SILENT);
            System.out.printf(
                    Locale.ROOT,
                    "A4 in %4.1f s: %d stickers, density %.3f, nearest %.2f mm, travel %.2f of the"
                            + " best of 20 two-opts%n",
                    (System.nanoTime() - start) / 1e9,
                    sheet.nest().laid().size(),
                    sheet.nest().density(),
                    sheet.nest().nearestMm(),
                    travel(sheet, press));
        }
    }

    /** The density of rows of bounding boxes, in turn, with the usual gap and rim. */
    private static double boxes(List<SheetItem> items) {
        SheetLayout layout = SheetLayout.USUAL;
        double x = 0;
        double y = 0;
        double row = 0;
        double area = 0;
        double width = layout.widthMm() - 2 * layout.rimMm();
        double height = layout.heightMm() - 2 * layout.rimMm();
        for (int n = 0; ; n++) {
            Sticker sticker = items.get(n % items.size()).sticker();
            Envelope box = sticker.area().getEnvelopeInternal();
            if (x > 0 && x + box.getWidth() > width) {
                x = 0;
                y += row + layout.gapMm();
                row = 0;
            }
            if (y + box.getHeight() > height) {
                return area / (layout.widthMm() * layout.heightMm());
            }
            x += box.getWidth() + layout.gapMm();
            row = Math.max(row, box.getHeight());
            area += sticker.area().getArea();
        }
    }

    /** The way with the blade up, against the best of 20 two-opt runs from random orders. */
    private static double travel(StickerSheet sheet, PressProfile press) {
        List<Point> starts = new ArrayList<>();
        for (PrintObject object :
                SheetPlan.of(sheet, press).technical().layers().get(0).objects()) {
            Outline outline = ((PrintShape.Curved) object.shape()).outline();
            starts.add(outline.outer().point(0));
        }
        double best = Double.MAX_VALUE;
        Random random = new Random(7);
        for (int k = 0; k < 20; k++) {
            List<Point> order = new ArrayList<>(starts);
            Collections.shuffle(order, random);
            best = Math.min(best, twoOpt(order));
        }
        return length(starts) / best;
    }

    private static double twoOpt(List<Point> order) {
        boolean better = true;
        while (better) {
            better = false;
            for (int i = 0; i < order.size(); i++) {
                for (int j = i + 1; j < order.size(); j++) {
                    double before = length(order);
                    Collections.reverse(order.subList(i, j + 1));
                    if (length(order) < before - 1e-9) {
                        better = true;
                    } else {
                        Collections.reverse(order.subList(i, j + 1));
                    }
                }
            }
        }
        return length(order);
    }

    private static double length(List<Point> order) {
        double length = 0;
        Point at = new Point(0, 0);
        for (Point next : order) {
            length += at.distance(next);
            at = next;
        }
        return length;
    }

    private static void jigsaws(int count, double seconds) {
        jigsaws(count, seconds, false);
        jigsaws(count, seconds, true);
    }

    /** As they were drawn, or each turned at random before. */
    private static void jigsaws(int count, double seconds, boolean turned) {
        int done = 0;
        double took = 0;
        for (int k = 0; k < count; k++) {
            List<NestPiece> pieces = jigsaw(new Random(500 + k), turned);
            NestSheet sheet = new NestSheet(120, 90 * TIMES_AREA, 0, 0, List.of());
            long start = System.nanoTime();
            Nest nest =
                    Nester.nest(
                            pieces,
                            List.of(),
                            sheet,
                            new NestWish(NestWish.USUAL.turns(), false, 1, seconds, 1_000_000),
                            found -> {},
                            Progress.SILENT);
            done += nest.left().isEmpty() ? 1 : 0;
            took += (System.nanoTime() - start) / 1e9;
        }
        System.out.printf(
                Locale.ROOT,
                "jigsaws of 6 to 20 pieces, %s, in 1.25 times their area: %d of %d, %.1f s each%n",
                turned ? "turned at random" : "as drawn",
                done,
                count,
                took / count);
    }

    /** A rectangle of 120 x 90 mm broken into 6 to 20 pieces: cells of random places, united. */
    private static List<NestPiece> jigsaw(Random random, boolean turned) {
        GeometryFactory factory = new GeometryFactory();
        int wanted = 6 + random.nextInt(15);
        Envelope box = new Envelope(0, 120, 0, 90);
        List<Coordinate> sites = new ArrayList<>();
        for (int i = 0; i < 2 * wanted; i++) {
            sites.add(new Coordinate(120 * random.nextDouble(), 90 * random.nextDouble()));
        }
        VoronoiDiagramBuilder builder = new VoronoiDiagramBuilder();
        builder.setSites(sites);
        builder.setClipEnvelope(box);
        Geometry cells = builder.getDiagram(factory);
        List<Geometry> parts = new ArrayList<>();
        for (int i = 0; i < cells.getNumGeometries(); i++) {
            parts.add(cells.getGeometryN(i).intersection(factory.toGeometry(box)));
        }
        while (parts.size() > wanted) {
            Geometry one = parts.remove(random.nextInt(parts.size()));
            int best = 0;
            for (int i = 1; i < parts.size(); i++) {
                boolean longer =
                        one.intersection(parts.get(i)).getLength()
                                > one.intersection(parts.get(best)).getLength();
                best = longer ? i : best;
            }
            parts.set(best, parts.get(best).union(one));
        }
        List<NestPiece> pieces = new ArrayList<>();
        for (Geometry part : parts) {
            Coordinate middle = part.getCentroid().getCoordinate();
            AffineTransformation map =
                    AffineTransformation.translationInstance(-middle.x, -middle.y);
            if (turned) {
                map.rotate(2 * Math.PI * random.nextDouble());
            }
            Geometry shape = map.transform(part);
            pieces.add(new NestPiece(pieces.size(), (Polygon) shape));
        }
        return pieces;
    }
}
