package neattrace.standin.skerry;

import neattrace.standin.pen.Pen;

/** A moth resting on a knotted rope. */
final class Moth {

    private Moth() {}

    static void draw(Pen pen) {
        rope(pen);
        pen.mirrored(75, Moth::wings);
        body(pen);
        pen.miss(46.3, 72.6, 0.5);
        pen.miss(93.2, 113.7, 0.8);
        pen.miss(56.8, 113.7, 0.5);
    }

    private static void rope(Pen pen) {
        strand(pen, 75, 4, 75, 187, 30);
        knot(pen);
    }

    /** A twisted stretch of rope between two points. */
    private static void strand(Pen pen, double x0, double y0, double x1, double y1, int twists) {
        double length = Math.hypot(x1 - x0, y1 - y0);
        double degrees = Math.toDegrees(Math.atan2(x0 - x1, y1 - y0));
        pen.at(
                x0,
                y0,
                degrees,
                1,
                p -> {
                    p.polygon(0.9, -5, 0, 5, 0, 5, length, -5, length);
                    double step = length / twists;
                    for (int i = 0; i < twists; i++) {
                        double y = i * step;
                        p.shape(
                                0.9,
                                -5,
                                y + 0.62 * step,
                                -5.7,
                                y + 0.2 * step,
                                -2.6,
                                y + 0.05 * step,
                                5,
                                y - 0.42 * step,
                                5.7,
                                y + 0.12 * step,
                                3,
                                y + 0.42 * step,
                                -2,
                                y + 0.8 * step,
                                -5,
                                y + 1.2 * step);
                        p.line(
                                0.45,
                                -3.4,
                                y + 0.5 * step,
                                0,
                                y + 0.28 * step,
                                3.4,
                                y + 0.02 * step);
                    }
                });
    }

    private static void knot(Pen pen) {
        // Two ears of rope, one to each side, held by three turns.
        pen.mirrored(
                75,
                p -> {
                    p.shape(
                            1.0, 78, 158, 84, 148, 96, 143, 108, 147, 113, 157, 109, 168, 98, 173,
                            86, 169, 79, 163);
                    p.shape(
                            0.9, 84, 159, 89, 153.6, 97, 151, 104, 154.6, 106, 160, 101, 165, 93,
                            165.6, 87, 163);
                    for (int i = 0; i < 5; i++) {
                        double turn = Math.toRadians(-75 + 38 * i);
                        double x = 96.6 + 9 * Math.cos(turn);
                        double y = 158.6 + 7 * Math.sin(turn);
                        double x1 = 97 + 14.8 * Math.cos(turn + 0.34);
                        double y1 = 158.4 + 13.4 * Math.sin(turn + 0.34);
                        p.line(0.6, x, y, (x + x1) / 2 + 0.8, (y + y1) / 2, x1, y1);
                    }
                });
        for (int i = 0; i < 3; i++) {
            double y = 153 + 6.2 * i;
            pen.shape(
                    1.0, 64, y + 4.4, 63, y + 0.6, 66.6, y - 1.4, 76, y - 2.4, 85.4, y - 3.6, 87.6,
                    y - 0.4, 86, y + 3, 76, y + 4.2, 67.4, y + 6);
            pen.line(0.5, 68, y + 2.4, 74, y + 1.6, 80, y + 0.6);
            pen.line(0.4, 80, y - 1.4, 83, y - 1.8, 85, y - 1.6);
        }
    }

    private static void wings(Pen pen) {
        // Hind wing.
        pen.shape(
                1.1, 70, 92, 58, 96, 40, 106, 28, 120, 27, 134, 27, 134, 33, 137, 38, 145, 38, 145,
                44, 142, 50, 146, 50, 146, 55, 140, 62, 138, 62, 138, 67, 124, 71, 106);
        pen.stroke(0.8, 0.05, 0.05, 66.4, 126, 52, 127, 40, 131, 33, 137);
        pen.stroke(0.7, 0.05, 0.05, 69, 112, 54, 114, 40, 119.6, 27.6, 128);
        pen.ellipse(0.9, 47, 121.4, 6, 5.4);
        pen.ellipse(0.7, 47, 121.4, 3.4, 3);
        pen.dot(47, 121.4, 1.7, 1.5);
        pen.stroke(0.6, 0.1, 0.1, 46, 128.8, 46.4, 136, 44, 142);
        pen.stroke(0.6, 0.1, 0.1, 57, 126.6, 57, 133, 55, 140);
        // Fore wing.
        pen.shape(
                1.2, 71, 70, 62, 60, 46, 48, 28, 38, 13, 34, 13, 34, 8, 40, 8, 50, 13, 62, 13, 62,
                12, 72, 16, 82, 16, 82, 17, 90, 23, 97, 23, 97, 34, 102, 48, 100, 60, 96, 71, 90);
        pen.stroke(0.8, 0.05, 0.05, 67.6, 66, 48, 57.6, 30, 49, 10.4, 42);
        pen.stroke(0.8, 0.05, 0.05, 71, 86, 52, 91, 36, 93.4, 20, 94);
        pen.stroke(0.7, 0.05, 0.05, 69.6, 74, 52, 71.8, 34, 66, 13, 62);
        pen.stroke(0.7, 0.05, 0.05, 70.6, 80, 52, 82, 34, 82, 16, 82);
        // A band that crosses the veins, and the eye of the wing.
        pen.stroke(0.7, 0.05, 0.05, 26, 37.4, 22, 52, 23, 70, 28, 84, 30, 100);
        pen.stroke(0.7, 0.05, 0.05, 40, 44.8, 37, 58, 38, 72, 42, 86, 44, 100.4);
        pen.ellipse(1.0, 46.4, 76.6, 6.6, 6.6);
        pen.ellipse(0.8, 46.4, 76.6, 4, 4);
        pen.dot(46.4, 76.6, 2, 2);
        pen.light(45.6, 75.8, 0.6, 0.6);
        scallops(pen);
    }

    private static void scallops(Pen pen) {
        pen.stroke(0.6, 0.1, 0.1, 9, 46, 13, 47, 15, 51, 12, 55, 10.6, 57);
        pen.stroke(0.6, 0.1, 0.1, 12.6, 66, 17, 66.4, 19, 70, 17, 75, 13, 77);
        pen.stroke(0.6, 0.1, 0.1, 16.6, 85, 20, 84.6, 22.6, 88, 21, 93.6);
        for (int i = 0; i < 5; i++) {
            pen.line(
                    0.45,
                    50 + 3.6 * i,
                    61.4 + 1.2 * i,
                    50.6 + 3.6 * i,
                    64.4 + i,
                    52 + 3.6 * i,
                    67 + 0.6 * i);
        }
    }

    private static void body(Pen pen) {
        // Feathered feelers.
        pen.mirrored(
                75,
                p -> {
                    p.shape(
                            0.9, 72, 58, 72, 58, 62, 48, 58, 36, 60, 24, 60, 24, 52, 30, 49, 40, 54,
                            51, 64, 58, 72, 60);
                    p.stroke(0.7, 0.05, 0.2, 71.6, 58.6, 61, 51, 55.4, 40, 59.6, 25);
                    for (int i = 0; i < 4; i++) {
                        p.line(
                                0.5,
                                50.6 + 1.0 * i,
                                43 + 3.0 * i,
                                54 + 1.0 * i,
                                43 + 2.2 * i,
                                56.6 + 0.9 * i,
                                41.6 + 2.2 * i);
                    }
                });
        // Abdomen in rings, thorax with fur, head.
        pen.shape(1.1, 75, 140, 68, 130, 65.6, 116, 67, 102, 75, 96, 83, 102, 84.4, 116, 82, 130);
        for (int i = 0; i < 5; i++) {
            double y = 107 + 6.2 * i;
            double half = 8.9 - 0.28 * i * i;
            pen.stroke(0.8, 0.04, 0.04, 75 - half, y - 1, 75, y + 2, 75 + half, y - 1);
        }
        pen.shape(
                1.1, 75, 62, 84, 65, 88.6, 74, 88, 86, 83, 97, 75, 101, 67, 97, 62, 86, 61.4, 74,
                66, 65);
        pen.shape(0.8, 75, 68, 80, 71, 82.4, 78, 80, 88, 75, 94, 70, 88, 67.6, 78, 70, 71);
        pen.stroke(0.7, 0.05, 0.05, 75, 68, 75.2, 80, 75, 94);
        for (int i = 0; i < 4; i++) {
            double y = 71 + 6.0 * i;
            pen.line(0.5, 64.4, y, 64.8, y + 2.4, 66.4, y + 4.4);
            pen.line(0.5, 85.6, y, 85.2, y + 2.4, 83.6, y + 4.4);
        }
        pen.shape(1.0, 75, 53, 81, 56, 82, 62, 75, 65.4, 68, 62, 69, 56);
        pen.dot(70.4, 59.6, 1.9, 2.3);
        pen.dot(79.6, 59.6, 1.9, 2.3);
        pen.light(69.9, 58.9, 0.5, 0.6);
        pen.light(79.1, 58.9, 0.5, 0.6);
        pen.line(0.6, 73, 55, 75, 58, 77, 55);
    }
}
