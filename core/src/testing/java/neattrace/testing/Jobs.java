package neattrace.testing;

import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.geom.Ellipse2D;
import java.awt.image.BufferedImage;
import java.util.List;
import neattrace.flat.Fill;
import neattrace.flat.Swatch;
import neattrace.geom.Point;
import neattrace.job.Job;
import neattrace.job.Source;
import neattrace.press.Cmyk;

/** A small coloured job: a target of two rings on 20 x 20 mm at 300 ppi. */
public final class Jobs {

    /** Its two swatches. */
    public static final Swatch INNER = new Swatch(1, "Bull & eye", new Cmyk(12, 88, 72.5, 4));

    public static final Swatch OUTER = new Swatch(2, "Straw <2>", new Cmyk(0, 18, 60, 0));

    private Jobs() {}

    /** The drawing, black on white with anti-aliasing; 236 px a side. */
    public static BufferedImage target() {
        BufferedImage image = Pictures.plain(236, 236, BufferedImage.TYPE_BYTE_GRAY, 0xFFFFFFFF);
        Graphics2D graphics = image.createGraphics();
        graphics.setRenderingHint(
                RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
        graphics.setRenderingHint(
                RenderingHints.KEY_STROKE_CONTROL, RenderingHints.VALUE_STROKE_PURE);
        graphics.setColor(Color.BLACK);
        graphics.setStroke(new BasicStroke(7));
        graphics.draw(new Ellipse2D.Double(28, 28, 180, 180));
        graphics.setStroke(new BasicStroke(4));
        graphics.draw(new Ellipse2D.Double(78, 78, 80, 80));
        graphics.dispose();
        return image;
    }

    /** The job with its inner disc and its ring coloured. */
    public static Job coloured() {
        return plain().withSwatches(List.of(INNER, OUTER))
                .withFills(
                        List.of(
                                new Fill(new Point(10, 10), INNER.id()),
                                new Fill(new Point(10, 5), OUTER.id())));
    }

    /** The job without colours. */
    public static Job plain() {
        return Job.of(new Source("target.png", Pictures.png(target(), 300)))
                .withTitle("Target <A&B>");
    }
}
