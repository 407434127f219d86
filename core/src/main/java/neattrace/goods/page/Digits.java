package neattrace.goods.page;

import neattrace.print.lettering.Lettering;
import neattrace.print.lettering.Lettering.Align;
import neattrace.print.lettering.Lettering.Face;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.util.AffineTransformation;

/**
 * A number as a shape, about the middle of its box.
 *
 * @param text what it says
 * @param shape its letters, 1 high
 * @param width of its box, as a share of its height
 */
record Digits(String text, Geometry shape, double width) {

    /** Set large, so that curves stay curves. */
    private static final double SET_MM = 20;

    static Digits of(int number) {
        String text = String.valueOf(number);
        Geometry set = Lettering.line(text, Face.PLAIN, SET_MM, 0, 0, Align.LEFT);
        Envelope box = set.getEnvelopeInternal();
        double k = 1 / box.getHeight();
        AffineTransformation map =
                AffineTransformation.translationInstance(-box.centre().x, -box.centre().y);
        map.scale(k, k);
        return new Digits(text, map.transform(set), k * box.getWidth());
    }

    /** Its letters at a place. */
    Geometry at(double x, double y, double heightMm) {
        AffineTransformation map = AffineTransformation.scaleInstance(heightMm, heightMm);
        map.translate(x, y);
        return map.transform(shape);
    }

    /** The box round it at a place. */
    Envelope box(double x, double y, double heightMm, double clearMm) {
        double halfWidth = heightMm * width / 2 + clearMm;
        double halfHeight = heightMm / 2 + clearMm;
        return new Envelope(x - halfWidth, x + halfWidth, y - halfHeight, y + halfHeight);
    }

    /**
     * How high it may be to lie within an ellipse about its middle; 0 or less if it does not.
     *
     * @param a half the ellipse's width
     * @param b half its height
     * @param clearMm round its box
     */
    double within(double a, double b, double clearMm) {
        // (h w / 2 + c)^2 / a^2 + (h / 2 + c)^2 / b^2 = 1, solved for h.
        double p = width * width / (4 * a * a) + 1 / (4 * b * b);
        double q = clearMm * (width / (a * a) + 1 / (b * b));
        double r = clearMm * clearMm * (1 / (a * a) + 1 / (b * b)) - 1;
        double root = q * q - 4 * p * r;
        return root < 0 ? 0 : (Math.sqrt(root) - q) / (2 * p);
    }
}
