package neattrace.goods.stencil;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.geom.AffineTransform;
import java.awt.image.BufferedImage;
import java.awt.image.DataBufferInt;
import java.util.List;
import neattrace.raster.InkMap;
import org.locationtech.jts.awt.ShapeWriter;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;

/**
 * A sheet as pixels: which piece each belongs to, or that it is cut away.
 *
 * @param width px
 * @param height px
 * @param pxPerMm of the raster
 * @param left where it begins, mm
 * @param top where it begins, mm
 * @param piece number of the piece at each pixel, from 0; -1 where it is cut away
 */
record SheetRaster(int width, int height, double pxPerMm, double left, double top, int[] piece) {

    private static final double MOST_PX_PER_MM = 10;
    private static final double MOST_PIXELS = 9_000_000;
    private static final double LEAST_PX_PER_MM = 2;
    private static final int AWAY = 0;

    /** A raster of a box, fine enough for its size. */
    static SheetRaster of(Envelope box, List<? extends Geometry> pieces) {
        double px =
                Math.max(
                        LEAST_PX_PER_MM,
                        Math.min(
                                MOST_PX_PER_MM,
                                Math.sqrt(MOST_PIXELS / (box.getWidth() * box.getHeight()))));
        int width = (int) Math.ceil(box.getWidth() * px);
        int height = (int) Math.ceil(box.getHeight() * px);
        BufferedImage image = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
        Graphics2D graphics = image.createGraphics();
        AffineTransform map = AffineTransform.getScaleInstance(px, px);
        map.translate(-box.getMinX(), -box.getMinY());
        ShapeWriter shapes = new ShapeWriter();
        for (int i = 0; i < pieces.size(); i++) {
            graphics.setColor(new Color(i + 1));
            graphics.fill(map.createTransformedShape(shapes.toShape(pieces.get(i))));
        }
        graphics.dispose();
        int[] piece = ((DataBufferInt) image.getRaster().getDataBuffer()).getData();
        for (int i = 0; i < piece.length; i++) {
            int colour = piece[i] & 0xffffff;
            piece[i] = colour == AWAY ? -1 : colour - 1;
        }
        return new SheetRaster(width, height, px, box.getMinX(), box.getMinY(), piece);
    }

    /** The part of the sheet that it shows, mm. */
    Envelope box() {
        return new Envelope(left, left + width / pxPerMm, top, top + height / pxPerMm);
    }

    /** What is cut away as ink, or what stays. */
    InkMap map(boolean away) {
        byte[] coverage = new byte[piece.length];
        for (int i = 0; i < coverage.length; i++) {
            coverage[i] = (byte) (piece[i] < 0 == away ? 255 : 0);
        }
        return new InkMap(width, height, coverage);
    }

    /** Middle of a pixel, mm. */
    double x(int index) {
        return left + (index % width + 0.5) / pxPerMm;
    }

    double y(int index) {
        return top + (index / width + 0.5) / pxPerMm;
    }

    /** The piece at a place, mm; -1 where it is cut away, -2 beyond the raster. */
    int pieceAt(double xMm, double yMm) {
        int x = (int) Math.floor((xMm - left) * pxPerMm);
        int y = (int) Math.floor((yMm - top) * pxPerMm);
        return x < 0 || y < 0 || x >= width || y >= height ? -2 : piece[y * width + x];
    }
}
