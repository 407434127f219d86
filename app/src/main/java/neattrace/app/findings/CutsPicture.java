package neattrace.app.findings;

import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.geom.Path2D;
import java.awt.image.BufferedImage;
import java.awt.image.DataBufferInt;
import javafx.scene.image.Image;
import javafx.scene.image.PixelFormat;
import javafx.scene.image.WritableImage;
import neattrace.finding.Place;
import neattrace.goods.nest.Laid;
import neattrace.goods.sheet.StickerSheet;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Polygon;

/** A small picture of the cuts round a place on a sheet of stickers. */
final class CutsPicture {

    private static final int DENSITY = 2;
    private static final double LEAST_REACH_MM = 6;
    private static final Color GROUND = new Color(0xE4E0D8);
    private static final Color STICKER = new Color(0xFFFDF7);
    private static final Color CUT = new Color(0xB52B18);

    private CutsPicture() {}

    static Image of(StickerSheet sheet, Place place) {
        int width = Thumbnails.WIDTH * DENSITY;
        int height = Thumbnails.HEIGHT * DENSITY;
        double scale = height / (2 * Math.max(LEAST_REACH_MM, place.reachMm() * 1.6));
        BufferedImage image = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
        Graphics2D g = image.createGraphics();
        g.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
        g.setColor(GROUND);
        g.fillRect(0, 0, width, height);
        g.translate(width / 2.0, height / 2.0);
        g.scale(scale, scale);
        g.translate(-place.at().x(), -place.at().y());
        g.setStroke(new BasicStroke((float) (3 / scale)));
        for (Laid one : sheet.nest().laid()) {
            Path2D path = path(sheet.nest().shape(one));
            g.setColor(STICKER);
            g.fill(path);
            g.setColor(CUT);
            g.draw(path);
        }
        g.dispose();
        int[] rgb = ((DataBufferInt) image.getRaster().getDataBuffer()).getData().clone();
        for (int i = 0; i < rgb.length; i++) {
            rgb[i] |= 0xFF000000;
        }
        WritableImage picture = new WritableImage(width, height);
        picture.getPixelWriter()
                .setPixels(0, 0, width, height, PixelFormat.getIntArgbInstance(), rgb, 0, width);
        return picture;
    }

    private static Path2D path(Polygon area) {
        Path2D path = new Path2D.Double();
        Coordinate[] ring = area.getExteriorRing().getCoordinates();
        path.moveTo(ring[0].x, ring[0].y);
        for (Coordinate at : ring) {
            path.lineTo(at.x, at.y);
        }
        path.closePath();
        return path;
    }
}
