package neattrace.geom;

import java.util.ArrayList;
import java.util.List;

/** Makes a smooth path of what a hand drew. Places are in px. */
public final class Freehand {

    private static final double STEP_PX = 1;

    /** A hand's tremor is evened out over this share of the line to each side. */
    private static final double SHARE = 0.04;

    private static final int PASSES = 3;

    private Freehand() {}

    /** Places a pixel apart along the smoothed line; both ends stay. */
    public static List<Point> smoothed(List<Point> drawn) {
        List<Point> even = even(drawn);
        int reach = (int) Math.max(1, Math.min(60, SHARE * even.size()));
        for (int pass = 0; pass < PASSES; pass++) {
            even = mean(even, reach);
        }
        return even;
    }

    /** Places a pixel apart along a line as it was drawn. */
    public static List<Point> even(List<Point> line) {
        List<Point> even = new ArrayList<>();
        even.add(line.get(0));
        double left = STEP_PX;
        for (int i = 1; i < line.size(); i++) {
            Point from = line.get(i - 1);
            Point to = line.get(i);
            double length = from.distance(to);
            double at = left;
            while (at < length) {
                even.add(from.plus(to.minus(from).times(at / length)));
                at += STEP_PX;
            }
            left = at - length;
        }
        Point end = line.get(line.size() - 1);
        if (even.get(even.size() - 1).distance(end) > STEP_PX / 4) {
            even.add(end);
        }
        return even;
    }

    private static List<Point> mean(List<Point> line, int reach) {
        List<Point> mean = new ArrayList<>();
        for (int i = 0; i < line.size(); i++) {
            int k = Math.min(reach, Math.min(i, line.size() - 1 - i));
            Point sum = new Point(0, 0);
            for (int j = i - k; j <= i + k; j++) {
                sum = sum.plus(line.get(j));
            }
            mean.add(sum.times(1.0 / (2 * k + 1)));
        }
        return mean;
    }
}
