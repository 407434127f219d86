package neattrace.standin.skerry;

import neattrace.standin.pen.Pen;

/** The skerry's lighthouse with its lamp lit. */
final class Lighthouse {

    private Lighthouse() {}

    static void draw(Pen pen) {
        rays(pen);
        rock(pen);
        tower(pen);
        lantern(pen);
        sea(pen);
    }

    private static void rays(Pen pen) {
        pen.mirrored(
                28,
                p -> {
                    p.line(0.55, 36.4, 12.6, 42, 11.4, 48.6, 11.2);
                    p.line(0.5, 36, 9, 40.6, 6.4, 46, 4.6);
                    p.line(0.5, 36.2, 16, 40.4, 17.4, 45.6, 18);
                });
    }

    private static void rock(Pen pen) {
        pen.shape(
                1.0, 5, 62, 9, 55, 9, 55, 16, 52.4, 20, 49, 20, 49, 37, 49, 37, 49, 42, 53, 42, 53,
                48, 55.4, 51, 62, 51, 62, 40, 65.4, 28, 66, 15, 65.2);
        pen.line(0.5, 16, 53, 18.6, 57, 16.6, 62);
        pen.line(0.5, 41.6, 53.6, 39.4, 58, 42, 62.4);
        pen.line(0.45, 24, 57, 26, 60, 24.6, 63.4);
        for (int i = 0; i < 4; i++) {
            pen.line(0.36, 30 + 2 * i, 57.4 + 0.3 * i, 31 + 2 * i, 59.4, 30.4 + 2 * i, 61.4);
            pen.line(0.36, 10 + 1.7 * i, 58 - 0.3 * i, 11 + 1.7 * i, 60, 10.4 + 1.7 * i, 61.8);
        }
    }

    private static void tower(Pen pen) {
        pen.shape(
                0.95, 19.4, 53, 19.4, 53, 22.6, 22, 22.6, 22, 33.4, 22, 33.4, 22, 36.6, 53, 36.6,
                53, 28, 54.8);
        // Black bands round the tower, seen from a little below, with light along them.
        band(pen, 26.6, 32.4);
        band(pen, 38.6, 44.4);
        pen.scratch(0.6, 24.4, 30.6, 23.9, 28.2, 24.2, 27.4);
        pen.scratch(0.6, 23.3, 42.6, 22.8, 40.6, 23, 39.8);
        pen.shape(0.7, 25, 54.4, 25, 54.4, 25.1, 49.6, 28, 47, 30.9, 49.6, 31, 54.4, 31, 54.4);
        pen.line(0.4, 28, 48, 28, 51, 28, 54);
        pen.dot(29.3, 51.4, 0.45, 0.45);
        window(pen, 28, 41.6);
        window(pen, 28, 29.2);
        for (int i = 0; i < 4; i++) {
            pen.line(0.36, 32.6, 33.7 + 1.1 * i, 33.6 + 0.1 * i, 33.4 + 1.1 * i);
            pen.line(0.36, 33.6, 46 + 1.2 * i, 34.9, 45.7 + 1.2 * i);
        }
    }

    private static void band(Pen pen, double top, double low) {
        double upper = half(top);
        double lower = half(low);
        pen.solid(
                28 - upper,
                top,
                28 - upper,
                top,
                28,
                top - 1.5,
                28 + upper,
                top,
                28 + upper,
                top,
                28 + lower,
                low,
                28 + lower,
                low,
                28,
                low - 1.5,
                28 - lower,
                low,
                28 - lower,
                low);
    }

    /** Half of the tower's width at a height. */
    private static double half(double y) {
        return 5.4 + (y - 22) * 3.2 / 31;
    }

    private static void window(Pen pen, double x, double y) {
        pen.shape(
                0.55, x - 1.4, y + 2.2, x - 1.4, y + 2.2, x - 1.4, y - 0.6, x, y - 2.2, x + 1.4,
                y - 0.6, x + 1.4, y + 2.2, x + 1.4, y + 2.2);
        pen.line(0.35, x - 1.4, y + 0.4, x + 1.4, y + 0.4);
    }

    private static void lantern(Pen pen) {
        pen.polygon(0.8, 23.4, 19.6, 23.4, 12, 32.6, 12, 32.6, 19.6);
        pen.ellipse(0.6, 28, 15.9, 1.9, 2.5);
        pen.line(0.4, 28, 14.6, 27.4, 16, 28, 17.4);
        pen.stroke(0.55, 0.02, 0.02, 25.3, 12, 25.3, 19.6);
        pen.stroke(0.55, 0.02, 0.02, 30.7, 12, 30.7, 19.6);
        pen.shape(
                0.95, 22, 12.4, 22, 12.4, 23.6, 8.4, 28, 5.6, 32.4, 8.4, 34, 12.4, 34, 12.4, 28,
                13.2);
        pen.line(0.4, 25, 10.6, 26, 8.8, 27.4, 7.8);
        pen.stroke(0.6, 0.02, 0.1, 28, 5.4, 28, 1.8);
        pen.ellipse(0.54, 28, 4.1, 1.1, 1.1);
        pen.shape(
                0.85, 20, 23, 20, 23, 20, 19.4, 20, 19.4, 36, 19.4, 36, 19.4, 36, 23, 36, 23, 28,
                23.8);
        for (int i = 0; i < 7; i++) {
            pen.line(0.36, 21.9 + 2.03 * i, 20, 21.9 + 2.03 * i, 22.6);
        }
    }

    private static void sea(Pen pen) {
        pen.line(0.55, 2, 66.6, 8, 67.8, 15, 67.4);
        pen.line(0.5, 41, 67.6, 48, 67.8, 54, 66.6);
        pen.line(0.5, 20, 68.6, 28, 69.2, 36, 68.6);
    }
}
