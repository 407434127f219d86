package neattrace.bench;

import java.awt.geom.AffineTransform;
import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.SplittableRandom;
import neattrace.geom.Point;
import neattrace.raster.GreySheet;
import neattrace.standin.pen.PenDrawing;
import neattrace.standin.scanner.StandInScanner;
import neattrace.standin.skerry.SkerryMail;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.geom.TopologyException;
import org.locationtech.jts.geom.util.AffineTransformation;
import org.locationtech.jts.geom.util.PolygonExtracter;
import org.locationtech.jts.operation.overlayng.OverlayNG;
import org.locationtech.jts.operation.overlayng.OverlayNGRobust;

/**
 * A drawing for a trial, on the pixels it will be scanned in, with dots put into its open paper.
 *
 * @param name where it comes from
 * @param ink all ink, px
 * @param dots middles of the dots and dashes that were added
 * @param width of the sheet, px
 * @param height of the sheet, px
 * @param strokePx how wide its lines are
 */
record TrialDrawing(
        String name, Geometry ink, List<Point> dots, int width, int height, double strokePx) {

    private static final int FINER = 4;
    private static final double MOST_TILT = 3;
    private static final int LEAST_SIDE = 160;
    private static final int MOST_SIDE = 1500;

    /** The open set's lines are 2 of 72 wide, those of our own drawings about 1 of 170. */
    private static final double OPEN_SET_SHARE = 2.0 / 72;

    private static final double OWN_SHARE = 1.0 / 170;

    /** Unions and cuts leave lines and scraps behind that no pixel shows. */
    TrialDrawing {
        List<Polygon> shapes = new ArrayList<>();
        for (Object each : PolygonExtracter.getPolygons(ink)) {
            Polygon shape = (Polygon) each;
            if (shape.getArea() > 1) {
                shapes.add(shape);
            }
        }
        ink = new GeometryFactory().createMultiPolygon(shapes.toArray(Polygon[]::new));
    }

    /** Draws one at random; empty if shapes alone do not tell what a file shows. */
    static Optional<TrialDrawing> random(SplittableRandom chance, List<Path> openSet)
            throws IOException {
        int kind = chance.nextInt(10);
        double stroke = Math.exp(chance.nextDouble(Math.log(2), Math.log(60)));
        if (kind < 2) {
            return Optional.of(own(chance, stroke));
        }
        if (kind < 7) {
            return openSet(chance, openSet, stroke);
        }
        return Optional.of(PenTrial.draw(chance, stroke)).map(t -> t.dotted(chance));
    }

    private static TrialDrawing own(SplittableRandom chance, double stroke) {
        SkerryMail mail = SkerryMail.values()[chance.nextInt(SkerryMail.values().length)];
        PenDrawing drawing = mail.draw();
        double side = Math.max(900, Math.min(MOST_SIDE, stroke / OWN_SHARE));
        double scale = side / Math.max(drawing.widthMm(), drawing.heightMm());
        Geometry ink = AffineTransformation.scaleInstance(scale, scale).transform(drawing.ink());
        return new TrialDrawing(
                mail.name(),
                ink,
                List.of(),
                (int) Math.ceil(drawing.widthMm() * scale),
                (int) Math.ceil(drawing.heightMm() * scale),
                side * OWN_SHARE);
    }

    private static Optional<TrialDrawing> openSet(
            SplittableRandom chance, List<Path> files, double stroke) throws IOException {
        Path file = files.get(chance.nextInt(files.size()));
        int side = (int) Math.max(LEAST_SIDE, Math.min(MOST_SIDE, stroke / OPEN_SET_SHARE));
        double tilt = Math.toRadians(chance.nextDouble(-MOST_TILT, MOST_TILT));
        Optional<VectorArt> art = VectorArt.read(file, side);
        return art.map(
                read ->
                        new TrialDrawing(
                                        file.getFileName().toString(),
                                        AffineTransformation.rotationInstance(
                                                        tilt, side / 2.0, side / 2.0)
                                                .transform(read.truth()),
                                        List.of(),
                                        side,
                                        side,
                                        side * OPEN_SET_SHARE)
                                .dotted(chance));
    }

    /** The same with dots of a pen, in half of all drawings. */
    private TrialDrawing dotted(SplittableRandom chance) {
        if (chance.nextBoolean()) {
            return this;
        }
        PlantedDots planted = new PlantedDots(this, chance);
        List<Polygon> added = planted.plant();
        if (added.isEmpty()) {
            return this;
        }
        Geometry more = new GeometryFactory().createMultiPolygon(added.toArray(Polygon[]::new));
        Geometry all;
        try {
            all = OverlayNGRobust.overlay(ink, more, OverlayNG.UNION);
        } catch (TopologyException e) {
            // A few files' lines lie so nearly on each other that nothing can be united with them.
            return this;
        }
        return new TrialDrawing(
                name + "+" + planted.kind(), all, planted.middles(), width, height, strokePx);
    }

    /** What a perfect scanner sees: exact coverage, 0 ink to 255 paper. */
    GreySheet clean() {
        byte[] fine =
                StandInScanner.render(
                        ink,
                        AffineTransform.getScaleInstance(FINER, FINER),
                        FINER * width,
                        FINER * height);
        byte[] samples = new byte[width * height];
        for (int y = 0; y < height; y++) {
            for (int x = 0; x < width; x++) {
                int sum = 0;
                for (int dy = 0; dy < FINER; dy++) {
                    int at = (FINER * y + dy) * FINER * width + FINER * x;
                    for (int dx = 0; dx < FINER; dx++) {
                        sum += fine[at + dx] & 0xff;
                    }
                }
                samples[y * width + x] = (byte) Math.round(sum / (double) (FINER * FINER));
            }
        }
        return new GreySheet(width, height, samples);
    }

    /** Pieces of ink and holes. */
    int[] topology() {
        int holes = 0;
        for (int i = 0; i < ink.getNumGeometries(); i++) {
            holes += ((Polygon) ink.getGeometryN(i)).getNumInteriorRing();
        }
        return new int[] {ink.getNumGeometries(), holes};
    }
}
