package neattrace.standin.skerry;

import neattrace.standin.pen.Pen;

/** The letterbox at the landing, with limpets and a starfish at its foot. */
final class Letterbox {

    private Letterbox() {}

    static void draw(Pen pen) {
        ground(pen);
        box(pen);
        pen.at(27.6, 25.4, -8, 1, Letterbox::letter);
        slot(pen);
        plate(pen);
        pen.at(42.4, 61.6, 14, 1, Letterbox::starfish);
        limpet(pen, 9, 66, 1);
        limpet(pen, 14.6, 67.6, 0.75);
        weed(pen);
    }

    private static void ground(Pen pen) {
        pen.shape(
                1.0, 3, 69, 5, 63.6, 5, 63.6, 14, 60, 28, 58.6, 42, 60, 50, 63.4, 50, 63.4, 53.4,
                69, 53.4, 69, 41, 72.6, 28, 73.4, 14, 72.4);
        pen.line(0.5, 20, 67.4, 23, 69, 22, 72);
        pen.line(0.45, 34, 68.6, 35.6, 70.2, 35, 72);
    }

    private static void box(Pen pen) {
        pen.shape(
                1.0, 12.6, 66, 12.6, 66, 12.6, 61.4, 12.6, 61.4, 28, 63, 43.4, 61.4, 43.4, 61.4,
                43.4, 66, 43.4, 66, 28, 68.2);
        pen.shape(
                1.05, 14.8, 62.4, 14.8, 62.4, 14.8, 17, 14.8, 17, 28, 18.6, 41.2, 17, 41.2, 17,
                41.2, 62.4, 41.2, 62.4, 28, 64.2);
        pen.solid(
                14.8, 17, 14.8, 17, 41.2, 17, 41.2, 17, 41.2, 20.6, 41.2, 20.6, 28, 22.6, 14.8,
                20.6, 14.8, 20.6);
        pen.shape(
                0.95, 12.4, 17.6, 12.4, 17.6, 12.4, 13.6, 12.4, 13.6, 28, 12, 43.6, 13.6, 43.6,
                13.6, 43.6, 17.6, 43.6, 17.6, 28, 19.6);
        pen.shape(
                1.0, 13.4, 13.6, 13.4, 13.6, 15, 8, 21, 4.4, 28, 3.4, 35, 4.4, 41, 8, 42.6, 13.6,
                42.6, 13.6, 28, 15.2);
        pen.line(0.5, 18.4, 10.6, 20.4, 8, 24, 6.6);
        pen.ellipse(0.6, 28, 3.1, 2, 1.4);
        for (int i = 0; i < 9; i++) {
            double y = 22.6 + 3.9 * i;
            pen.line(0.38, 37.4, y + 0.4, 39, y, 40.4, y - 0.3);
        }
    }

    private static void letter(Pen pen) {
        pen.polygon(0.75, -9, -11, 9, -11, 9, 3, -9, 3);
        pen.line(0.5, -9, -11, -9, -11, 0, -3.6, 0, -3.6, 9, -11);
        pen.ellipse(0.54, 0, -3.8, 1.7, 1.7);
    }

    private static void slot(Pen pen) {
        // What hangs below the slot is inside.
        pen.paper(
                16.6, 26.9, 16.6, 26.9, 28, 28.5, 39.4, 26.9, 39.4, 26.9, 39.4, 33, 39.4, 33, 16.6,
                33, 16.6, 33);
        pen.shape(
                0.9, 17.6, 26.2, 17.6, 26.2, 28, 27.6, 38.4, 26.2, 38.4, 26.2, 38.4, 29.4, 38.4,
                29.4, 28, 31, 17.6, 29.4, 17.6, 29.4);
        pen.solid(
                19, 27.5, 19, 27.5, 28, 28.8, 37, 27.5, 37, 27.5, 37, 28.4, 37, 28.4, 28, 29.8, 19,
                28.4, 19, 28.4);
    }

    private static void plate(Pen pen) {
        pen.shape(
                0.75, 20, 35.4, 20, 35.4, 28, 36.4, 36, 35.4, 36, 35.4, 36, 44, 36, 44, 28, 45, 20,
                44, 20, 44);
        // A posthorn on the plate.
        pen.ellipse(0.6, 27.2, 40.6, 2.5, 2.4);
        pen.ellipse(0.52, 27.2, 40.6, 1.1, 1.1);
        pen.shape(
                0.55, 28.4, 38.2, 31, 38.4, 33.6, 37, 33.6, 37, 33.8, 41.4, 33.8, 41.4, 31.4, 39.8,
                29.4, 39.6);
        pen.line(0.5, 24.8, 40, 23, 39, 21.8, 38.8);
        pen.shape(
                0.7, 19.6, 48, 19.6, 48, 28, 49, 36.4, 48, 36.4, 48, 36.4, 59.4, 36.4, 59.4, 28,
                60.8, 19.6, 59.4, 19.6, 59.4);
        pen.ellipse(0.54, 33.4, 54, 1.2, 1.5);
        pen.line(0.36, 33.4, 54, 33.4, 55.2);
        pen.line(0.4, 21.8, 51, 21.7, 54, 21.8, 57.6);
    }

    private static void starfish(Pen pen) {
        double[] xy = new double[40];
        for (int i = 0; i < 5; i++) {
            double tip = Math.toRadians(72 * i - 90);
            double[] radii = {6.4, 6.4, 2.5, 2.5};
            double[] turns = {-7, 7, 30, 42};
            for (int k = 0; k < 4; k++) {
                double at = tip + Math.toRadians(turns[k]);
                xy[8 * i + 2 * k] = radii[k] * Math.cos(at);
                xy[8 * i + 2 * k + 1] = radii[k] * Math.sin(at);
            }
        }
        pen.shape(0.8, xy);
        for (int i = 0; i < 5; i++) {
            double at = Math.toRadians(72 * i - 90);
            pen.line(
                    0.36,
                    0.8 * Math.cos(at),
                    0.8 * Math.sin(at),
                    4.4 * Math.cos(at),
                    4.4 * Math.sin(at));
        }
    }

    private static void limpet(Pen pen, double x, double y, double scale) {
        pen.at(
                x,
                y,
                0,
                scale,
                p -> {
                    p.shape(
                            0.75, -4, 2.4, -4, 2.4, -2.6, -1, 0, -3.4, 2.6, -1, 4, 2.4, 4, 2.4, 0,
                            3.2);
                    p.line(0.38, 0, -2.6, 0, 0, 0, 2.2);
                    p.line(0.36, -0.6, -2, -1.8, 0, -2.4, 1.8);
                    p.line(0.36, 0.6, -2, 1.8, 0, 2.4, 1.8);
                });
    }

    private static void weed(Pen pen) {
        pen.shape(
                0.7, 46.6, 69.4, 46, 64, 48.6, 59, 47.4, 54, 49.6, 49.6, 49.6, 49.6, 51.6, 54, 50.6,
                59, 52, 64, 49.6, 69.6);
        pen.line(0.38, 48.6, 67.6, 49, 63, 49.4, 58.6);
        pen.shape(0.7, 43.6, 70.4, 41.4, 67, 42.4, 63.4, 42.4, 63.4, 45, 65.6, 46.6, 70);
        pen.line(0.36, 44.6, 69, 43.6, 67, 43, 65.4);
    }
}
