package neattrace.bench;

import java.awt.geom.AffineTransform;
import java.awt.geom.Arc2D;
import java.awt.geom.Path2D;
import java.awt.geom.Point2D;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Path data of SVG as a path (SVG 1.1, 8.3). */
final class PathData {

    private static final Pattern TOKEN =
            Pattern.compile("[A-Za-z]|[-+]?(?:\\d+\\.?\\d*|\\.\\d+)(?:[eE][-+]?\\d+)?");

    private final Path2D path = new Path2D.Double();
    private final String data;
    private int at;
    private double x;
    private double y;
    private double startX;
    private double startY;
    private double controlX;
    private double controlY;

    private PathData(String data) {
        this.data = data;
    }

    /** Reads path data. */
    static Path2D of(String data) {
        PathData reader = new PathData(data);
        reader.read();
        return reader.path;
    }

    private void read() {
        char command = 'M';
        char last = ' ';
        while (true) {
            Matcher next = TOKEN.matcher(data).region(at, data.length());
            if (!next.find()) {
                return;
            }
            if (Character.isLetter(next.group().charAt(0))) {
                command = next.group().charAt(0);
                at = next.end();
                if (Character.toUpperCase(command) == 'Z') {
                    path.closePath();
                    x = startX;
                    y = startY;
                    last = 'Z';
                    continue;
                }
            }
            segment(command, Character.toUpperCase(last));
            last = command;
            command = command == 'M' ? 'L' : command == 'm' ? 'l' : command;
        }
    }

    private double number() {
        Matcher next = TOKEN.matcher(data).region(at, data.length());
        if (!next.find()) {
            throw new IllegalArgumentException("path data ends early");
        }
        at = next.end();
        return Double.parseDouble(next.group());
    }

    /** A flag of an arc is one digit, which may stand without a space before what follows. */
    private boolean flag() {
        while (data.charAt(at) != '0' && data.charAt(at) != '1') {
            at++;
        }
        return data.charAt(at++) == '1';
    }

    private void segment(char command, char last) {
        boolean relative = Character.isLowerCase(command);
        double fromX = relative ? x : 0;
        double fromY = relative ? y : 0;
        switch (Character.toUpperCase(command)) {
            case 'M' -> {
                to(fromX + number(), fromY + number());
                path.moveTo(x, y);
                startX = x;
                startY = y;
            }
            case 'L' -> line(fromX + number(), fromY + number());
            case 'H' -> line(fromX + number(), y);
            case 'V' -> line(x, fromY + number());
            case 'C' ->
                    curve(
                            fromX + number(),
                            fromY + number(),
                            fromX + number(),
                            fromY + number(),
                            fromX + number(),
                            fromY + number());
            case 'S' -> {
                boolean smooth = last == 'C' || last == 'S';
                double firstX = smooth ? 2 * x - controlX : x;
                double firstY = smooth ? 2 * y - controlY : y;
                curve(
                        firstX,
                        firstY,
                        fromX + number(),
                        fromY + number(),
                        fromX + number(),
                        fromY + number());
            }
            case 'Q' ->
                    quad(fromX + number(), fromY + number(), fromX + number(), fromY + number());
            case 'T' -> {
                boolean smooth = last == 'Q' || last == 'T';
                double firstX = smooth ? 2 * x - controlX : x;
                double firstY = smooth ? 2 * y - controlY : y;
                quad(firstX, firstY, fromX + number(), fromY + number());
            }
            case 'A' -> {
                double rx = Math.abs(number());
                double ry = Math.abs(number());
                double turn = Math.toRadians(number());
                boolean large = flag();
                boolean sweep = flag();
                arc(rx, ry, turn, large, sweep, fromX + number(), fromY + number());
            }
            default -> throw new IllegalArgumentException("no command " + command);
        }
    }

    private void to(double newX, double newY) {
        x = newX;
        y = newY;
    }

    private void line(double newX, double newY) {
        path.lineTo(newX, newY);
        to(newX, newY);
    }

    private void curve(double ax, double ay, double bx, double by, double cx, double cy) {
        path.curveTo(ax, ay, bx, by, cx, cy);
        controlX = bx;
        controlY = by;
        to(cx, cy);
    }

    private void quad(double ax, double ay, double bx, double by) {
        path.quadTo(ax, ay, bx, by);
        controlX = ax;
        controlY = ay;
        to(bx, by);
    }

    /** From the two ends to the middle (SVG 1.1, F.6.5). */
    private void arc(
            double rx0,
            double ry0,
            double turn,
            boolean large,
            boolean sweep,
            double ex,
            double ey) {
        double dx = (x - ex) / 2;
        double dy = (y - ey) / 2;
        double px = Math.cos(turn) * dx + Math.sin(turn) * dy;
        double py = -Math.sin(turn) * dx + Math.cos(turn) * dy;
        if (rx0 == 0 || ry0 == 0 || px == 0 && py == 0) {
            line(ex, ey);
            return;
        }
        double grown = Math.sqrt(Math.max(1, px * px / (rx0 * rx0) + py * py / (ry0 * ry0)));
        double rx = rx0 * grown;
        double ry = ry0 * grown;
        double under = rx * rx * py * py + ry * ry * px * px;
        double root = Math.sqrt(Math.max(0, (rx * rx * ry * ry - under) / under));
        double k = large == sweep ? -root : root;
        double cx = k * rx * py / ry;
        double cy = -k * ry * px / rx;
        double from = Math.atan2((py - cy) / ry, (px - cx) / rx);
        double to = Math.atan2((-py - cy) / ry, (-px - cx) / rx);
        double span = to - from;
        if (sweep && span < 0) {
            span += 2 * Math.PI;
        } else if (!sweep && span > 0) {
            span -= 2 * Math.PI;
        }
        Arc2D arc =
                new Arc2D.Double(
                        -1, -1, 2, 2, -Math.toDegrees(from), -Math.toDegrees(span), Arc2D.OPEN);
        AffineTransform map = AffineTransform.getTranslateInstance((x + ex) / 2, (y + ey) / 2);
        map.rotate(turn);
        map.translate(cx, cy);
        map.scale(rx, ry);
        path.append(map.createTransformedShape(arc), true);
        Point2D end = path.getCurrentPoint();
        to(end.getX(), end.getY());
    }
}
