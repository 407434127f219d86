package neattrace.goods.wrap;

import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.geom.AffineTransform;
import java.awt.geom.Arc2D;
import java.awt.geom.Ellipse2D;
import java.awt.geom.Path2D;
import java.awt.geom.Rectangle2D;
import java.awt.image.BufferedImage;
import java.awt.image.DataBufferInt;
import java.util.ArrayList;
import java.util.List;
import neattrace.export.PlanPainter;
import neattrace.press.Rgb;
import neattrace.print.PrintPlan;

/**
 * A cup with its wrap, seen from afar and a little from above, turned as one likes. Each column of
 * the picture shows the place of the wrap whose angle has that sine; a picture takes a few
 * milliseconds.
 */
public final class CupPicture {

    /** How far one looks down on it. */
    private static final double DOWN = Math.toRadians(11);

    private static final double SIN = Math.sin(DOWN);
    private static final double COS = Math.cos(DOWN);

    /** Clear above and below the wrap, mm. */
    private static final double RIM_MM = 4;

    private static final double MOST_PX_PER_MM = 8;
    private static final double LEAST_PX_PER_MM = 0.75;
    private static final double MOST_WIDTH_PX = 2400;

    /** The handle: how far it stands off, how thick it is, both times the cup's diameter. */
    private static final double STANDS = 0.3;

    private static final double THICK = 0.11;

    /** A cup with its handle to the left and to the right, times its diameter. */
    private static final double ACROSS = 1.74;

    private final Cup cup;
    private final double heightMm;
    private final Rgb body;

    /** The wrap on its cup, each half as large as the one before: small cups show the mean. */
    private final List<Level> levels = new ArrayList<>();

    /** The wrap in one size, packed colours. */
    private record Level(double pxPerMm, int width, int height, int[] rgb) {

        Level halved() {
            int w = Math.max(1, width / 2);
            int h = Math.max(1, height / 2);
            int[] half = new int[w * h];
            for (int y = 0; y < h; y++) {
                for (int x = 0; x < w; x++) {
                    int packed = 0;
                    for (int shift = 0; shift <= 16; shift += 8) {
                        int sum = 0;
                        for (int k = 0; k < 4; k++) {
                            int px = Math.min(width - 1, 2 * x + k % 2);
                            int py = Math.min(height - 1, 2 * y + k / 2);
                            sum += rgb[py * width + px] >> shift & 255;
                        }
                        packed |= (sum + 2) / 4 << shift;
                    }
                    half[y * w + x] = packed;
                }
            }
            return new Level(pxPerMm / 2, w, h, half);
        }
    }

    private CupPicture(Cup cup, double heightMm, Rgb body, double pxPerMm, BufferedImage wrap) {
        this.cup = cup;
        this.heightMm = heightMm;
        this.body = body;
        int[] rgb = ((DataBufferInt) wrap.getRaster().getDataBuffer()).getData();
        levels.add(new Level(pxPerMm, wrap.getWidth(), wrap.getHeight(), rgb));
        while (levels.get(levels.size() - 1).pxPerMm() > LEAST_PX_PER_MM) {
            levels.add(levels.get(levels.size() - 1).halved());
        }
    }

    /**
     * A cup with a wrap round it.
     *
     * @param wrap its plan, as large as the wrap
     * @param body what the cup is of
     */
    public static CupPicture of(PrintPlan wrap, Cup cup, Rgb body) {
        double px = Math.min(MOST_PX_PER_MM, MOST_WIDTH_PX / wrap.widthMm());
        int width = Math.max(1, (int) Math.ceil(wrap.widthMm() * px));
        int height = Math.max(1, (int) Math.ceil(wrap.heightMm() * px));
        BufferedImage image = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
        Graphics2D graphics = image.createGraphics();
        graphics.setColor(new Color(body.packed()));
        graphics.fillRect(0, 0, width, height);
        new PlanPainter(wrap)
                .paint(
                        graphics,
                        AffineTransform.getScaleInstance(px, px),
                        new Rectangle2D.Double(0, 0, width, height),
                        true,
                        true);
        graphics.dispose();
        return new CupPicture(cup, wrap.heightMm(), body, px, image);
    }

    /** The cup. */
    public Cup cup() {
        return cup;
    }

    /** How much room it takes whichever way it is turned, mm: across. */
    public double acrossMm() {
        return cup.diameterMm() * ACROSS;
    }

    /** The same from top to foot. */
    public double downMm() {
        return (heightMm + 2 * RIM_MM) * COS + cup.diameterMm() * SIN;
    }

    /**
     * The cup as it is seen.
     *
     * @param middleMm the place of the wrap that is turned to the eye
     * @param widthPx of the picture
     * @param heightPx of the picture
     * @return packed colours, premultiplied, transparent beside the cup
     */
    public int[] seen(double middleMm, int widthPx, int heightPx) {
        double scale = Math.min(widthPx / acrossMm(), heightPx / downMm());
        BufferedImage image = new BufferedImage(widthPx, heightPx, BufferedImage.TYPE_INT_ARGB_PRE);
        Graphics2D g = image.createGraphics();
        g.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
        // The middle of the picture is the middle of the cup's axis.
        g.translate(widthPx / 2.0, heightPx / 2.0);
        g.scale(scale, scale);
        double turn = cup.turn(middleMm, cup.wrapMm() / 2) + Math.PI;
        boolean behind = Math.cos(turn) < 0;
        if (behind) {
            handle(g, turn);
        }
        inside(g);
        body(image, middleMm, scale);
        outline(g);
        if (!behind) {
            handle(g, turn);
        }
        g.dispose();
        return ((DataBufferInt) image.getRaster().getDataBuffer()).getData();
    }

    private double radius() {
        return cup.diameterMm() / 2;
    }

    private double topMm() {
        return -(heightMm / 2 + RIM_MM) * COS;
    }

    private Color shade(double share) {
        return new Color(
                (int) (body.r() * share), (int) (body.g() * share), (int) (body.b() * share));
    }

    private void inside(Graphics2D g) {
        double r = radius();
        g.setColor(shade(0.8));
        g.fill(new Ellipse2D.Double(-r, topMm() - r * SIN, 2 * r, 2 * r * SIN));
    }

    /** Every pixel of the body, by its column's angle. */
    private void body(BufferedImage image, double middleMm, double scale) {
        double r = radius();
        int w = image.getWidth();
        int h = image.getHeight();
        int[] out = ((DataBufferInt) image.getRaster().getDataBuffer()).getData();
        Level level = level(scale);
        int from = Math.max(0, (int) Math.ceil(w / 2.0 - r * scale));
        int to = Math.min(w, (int) Math.floor(w / 2.0 + r * scale));
        for (int x = from; x < to; x++) {
            double sine = (x + 0.5 - w / 2.0) / (r * scale);
            if (Math.abs(sine) >= 1) {
                continue;
            }
            double turn = Math.asin(sine);
            double near = r * Math.cos(turn) * SIN;
            double place = cup.inRound(middleMm + turn * r) * level.pxPerMm();
            double light = 0.8 + 0.2 * Math.max(0, Math.cos(turn + 0.5));
            double top = h / 2.0 + scale * (topMm() + near);
            double foot = h / 2.0 + scale * (-topMm() + near);
            for (int y = Math.max(0, (int) top); y < Math.min(h, (int) Math.ceil(foot)); y++) {
                double cover = Math.min(1, Math.min(y + 1 - top, foot - y));
                double mm = ((y + 0.5 - h / 2.0) / scale - near) / COS + heightMm / 2;
                int colour = lit(at(level, place, mm * level.pxPerMm()), light);
                out[y * w + x] = over(colour, Math.max(0, cover), out[y * w + x]);
            }
        }
    }

    /** The smallest that still has as many pixels as are seen. */
    private Level level(double scale) {
        Level best = levels.get(0);
        for (Level one : levels) {
            best = one.pxPerMm() >= scale ? one : best;
        }
        return best;
    }

    /** The wrap's colour between its pixels; beside it the body's. */
    private int at(Level level, double x, double y) {
        double left = x - 0.5;
        double top = y - 0.5;
        int x0 = (int) Math.floor(left);
        int y0 = (int) Math.floor(top);
        double[] sum = new double[3];
        for (int k = 0; k < 4; k++) {
            int px = x0 + k % 2;
            int py = y0 + k / 2;
            double share =
                    (k % 2 == 0 ? 1 - (left - x0) : left - x0)
                            * (k / 2 == 0 ? 1 - (top - y0) : top - y0);
            boolean on = px >= 0 && py >= 0 && px < level.width() && py < level.height();
            int c = on ? level.rgb()[py * level.width() + px] : body.packed();
            sum[0] += share * (c >> 16 & 255);
            sum[1] += share * (c >> 8 & 255);
            sum[2] += share * (c & 255);
        }
        return (int) Math.round(sum[0]) << 16
                | (int) Math.round(sum[1]) << 8
                | (int) Math.round(sum[2]);
    }

    private static int lit(int colour, double light) {
        return (int) ((colour >> 16 & 255) * light) << 16
                | (int) ((colour >> 8 & 255) * light) << 8
                | (int) ((colour & 255) * light);
    }

    private static int over(int colour, double cover, int below) {
        int alpha = (int) Math.round(255 * cover + (below >>> 24) * (1 - cover));
        int packed = alpha << 24;
        for (int shift = 0; shift <= 16; shift += 8) {
            double value = cover * (colour >> shift & 255) + (1 - cover) * (below >> shift & 255);
            packed |= (int) Math.round(value) << shift;
        }
        return packed;
    }

    private void outline(Graphics2D g) {
        double r = radius();
        g.setStroke(new BasicStroke((float) (0.006 * cup.diameterMm())));
        g.setColor(shade(0.62));
        g.draw(new Ellipse2D.Double(-r, topMm() - r * SIN, 2 * r, 2 * r * SIN));
        Path2D sides = new Path2D.Double();
        sides.moveTo(-r, topMm());
        sides.lineTo(-r, -topMm());
        sides.append(
                new Arc2D.Double(-r, -topMm() - r * SIN, 2 * r, 2 * r * SIN, 180, 180, Arc2D.OPEN),
                true);
        sides.lineTo(r, topMm());
        g.draw(sides);
    }

    /** A bow at the side that is turned away from the wrap's middle. */
    private void handle(Graphics2D g, double turn) {
        double r = radius();
        double high = heightMm / 2;
        double near = r * 0.96 * Math.cos(turn) * SIN;
        double x = r * 0.96 * Math.sin(turn);
        double off = 2.4 * r * STANDS * Math.sin(turn);
        double nearOff = 2.4 * r * STANDS * Math.cos(turn) * SIN;
        Path2D bow = new Path2D.Double();
        double up = -0.62 * high * COS + near;
        double low = 0.62 * high * COS + near;
        bow.moveTo(x, up);
        bow.curveTo(
                x + off, up - 0.1 * high + nearOff, x + off, low + 0.1 * high + nearOff, x, low);
        float thick = (float) (THICK * cup.diameterMm());
        g.setColor(shade(0.62));
        g.setStroke(
                new BasicStroke(
                        thick + 0.012f * (float) cup.diameterMm(),
                        BasicStroke.CAP_ROUND,
                        BasicStroke.JOIN_ROUND));
        g.draw(bow);
        g.setColor(shade(0.9));
        g.setStroke(new BasicStroke(thick, BasicStroke.CAP_ROUND, BasicStroke.JOIN_ROUND));
        g.draw(bow);
    }
}
