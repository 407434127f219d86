package neattrace.bench;

import com.github.weisj.jsvg.SVGDocument;
import java.awt.Shape;
import java.awt.geom.AffineTransform;
import java.awt.geom.Area;
import java.awt.image.BufferedImage;
import java.awt.image.DataBufferByte;
import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import neattrace.raster.GreySheet;
import org.locationtech.jts.awt.ShapeReader;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.LinearRing;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.geom.util.GeometryFixer;
import org.locationtech.jts.geom.util.PolygonExtracter;
import org.locationtech.jts.operation.overlayng.OverlayNG;
import org.locationtech.jts.operation.overlayng.OverlayNGRobust;

/**
 * A vector drawing and what it looks like as pixels.
 *
 * @param truth its ink as polygons, px
 * @param grey rendered with exact coverage: four times as large without smoothing tricks, then
 *     averaged
 */
record VectorArt(Geometry truth, GreySheet grey) {

    private static final int FINER = 4;
    private static final double FLATNESS = 0.003;

    private static final double SHIFT_PX = 1 / 3.0;

    /** Smaller rings are rounding, px2. */
    private static final double SLIVER = 0.3;

    /** Shapes and picture must show the same amount of ink to this share. */
    private static final double SAME = 0.004;

    /** A drawing of so many px a side; empty if shapes alone do not tell what it shows. */
    static Optional<VectorArt> read(Path file, int side) throws IOException {
        SVGDocument document = SvgPicture.load(file);
        if (document == null) {
            return Optional.empty();
        }
        double scale = side / Math.max(document.size().width, document.size().height);
        Shape shape =
                AffineTransform.getScaleInstance(scale, scale)
                        .createTransformedShape(document.computeShape());
        Geometry truth = polygons(new Area(shape));
        GreySheet grey = render(document, side);
        double ink = 0;
        for (byte value : grey.samples()) {
            ink += (255 - (value & 0xff)) / 255.0;
        }
        boolean same = Math.abs(ink - truth.getArea()) <= SAME * ink + 2;
        return ink == 0 || !same ? Optional.empty() : Optional.of(new VectorArt(truth, grey));
    }

    /**
     * An area's rings hardly cross; what lies in an odd number of them is ink. Rounding leaves
     * slivers that no pixel shows.
     */
    private static Geometry polygons(Area area) {
        GeometryFactory factory = new GeometryFactory();
        List<?> found = ShapeReader.toCoordinates(area.getPathIterator(null, FLATNESS));
        Geometry ink = factory.createPolygon();
        for (Object each : found) {
            Coordinate[] ring = (Coordinate[]) each;
            if (ring.length > 3) {
                Geometry polygon = GeometryFixer.fix(factory.createPolygon(ring));
                ink = OverlayNGRobust.overlay(ink, polygon, OverlayNG.SYMDIFFERENCE);
            }
        }
        List<Polygon> kept = new ArrayList<>();
        for (Object each : PolygonExtracter.getPolygons(ink)) {
            Polygon polygon = (Polygon) each;
            if (polygon.getArea() < SLIVER) {
                continue;
            }
            List<LinearRing> holes = new ArrayList<>();
            for (int h = 0; h < polygon.getNumInteriorRing(); h++) {
                LinearRing hole = polygon.getInteriorRingN(h);
                if (factory.createPolygon(hole).getArea() >= SLIVER) {
                    holes.add(hole);
                }
            }
            kept.add(
                    factory.createPolygon(
                            polygon.getExteriorRing(), holes.toArray(LinearRing[]::new)));
        }
        return factory.createMultiPolygon(kept.toArray(Polygon[]::new));
    }

    private static GreySheet render(SVGDocument document, int side) {
        int large = FINER * side;
        BufferedImage image = SvgPicture.render(document, large, BufferedImage.TYPE_BYTE_GRAY);
        byte[] fine = ((DataBufferByte) image.getRaster().getDataBuffer()).getData();
        byte[] samples = new byte[side * side];
        IntStream.range(0, side)
                .parallel()
                .forEach(
                        y -> {
                            for (int x = 0; x < side; x++) {
                                samples[y * side + x] = average(fine, large, x, y);
                            }
                        });
        return new GreySheet(side, side, samples);
    }

    private static byte average(byte[] fine, int large, int x, int y) {
        int sum = 0;
        for (int dy = 0; dy < FINER; dy++) {
            for (int dx = 0; dx < FINER; dx++) {
                sum += fine[(FINER * y + dy) * large + FINER * x + dx] & 0xff;
            }
        }
        return (byte) Math.round((double) sum / (FINER * FINER));
    }

    /**
     * Whether its pieces and holes stay what they are when every edge moves by a third of a pixel:
     * slits finer than pixels are no fact of the picture.
     */
    boolean isStable() {
        int[] now = topology(truth);
        return Arrays.equals(now, topology(truth.buffer(SHIFT_PX)))
                && Arrays.equals(now, topology(truth.buffer(-SHIFT_PX)));
    }

    private static int[] topology(Geometry ink) {
        int holes = 0;
        for (int i = 0; i < ink.getNumGeometries(); i++) {
            holes += ((Polygon) ink.getGeometryN(i)).getNumInteriorRing();
        }
        return new int[] {ink.getNumGeometries(), holes};
    }

    /** The same in pure black and white. */
    GreySheet oneBit() {
        byte[] samples = Arrays.copyOf(grey.samples(), grey.samples().length);
        for (int i = 0; i < samples.length; i++) {
            samples[i] = (samples[i] & 0xff) < 128 ? 0 : (byte) 255;
        }
        return new GreySheet(grey.width(), grey.height(), samples);
    }
}
