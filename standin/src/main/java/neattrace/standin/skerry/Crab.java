package neattrace.standin.skerry;

import neattrace.standin.pen.Pen;

/** A crab that holds up a letter. */
final class Crab {

    private Crab() {}

    static void draw(Pen pen) {
        pen.mirrored(36, Crab::legs);
        pen.mirrored(36, Crab::arm);
        pen.mirrored(36, Crab::thumb);
        pen.at(65, 9.2, 8, 1, Crab::letter);
        pen.mirrored(36, Crab::hand);
        pen.mirrored(36, Crab::eye);
        shell(pen);
    }

    private static void legs(Pen pen) {
        leg(pen, 51, 37, -12);
        leg(pen, 50, 40.6, 10);
        leg(pen, 47, 43.6, 34);
    }

    private static void leg(Pen pen, double x, double y, double turn) {
        pen.at(
                x,
                y,
                turn,
                1,
                p -> {
                    p.shape(
                            0.75, -4, -1.8, 3, -2.4, 8.4, -1.4, 8.4, -1.4, 13.4, 4.4, 15, 10.4, 15,
                            10.4, 11, 6.4, 7, 2.6, 2, 2, -4, 2.2);
                    p.line(0.45, 8.6, -1, 8, 0.6, 6.8, 2);
                    p.line(0.36, 10.6, 2, 12, 4, 13, 6.4);
                });
    }

    private static void arm(Pen pen) {
        pen.shape(
                0.85, 49, 29, 54, 26, 57.4, 22, 57.4, 22, 62, 22.6, 62, 22.6, 61, 28, 56.4, 32.6,
                50, 34);
        pen.line(0.45, 57.6, 22.6, 58, 25.4, 60.4, 27.4);
        pen.line(0.38, 52.4, 30.6, 54.6, 29.2, 56.2, 27.6);
    }

    /** Behind what it holds; the hand lies over that. */
    private static void thumb(Pen pen) {
        pen.shape(
                0.9, 62.8, 20.6, 66.4, 17.6, 68.6, 12.4, 68.2, 6, 68.2, 6, 65.4, 10, 62, 13.6, 59.4,
                16.6);
    }

    private static void hand(Pen pen) {
        pen.shape(
                1.0, 56.4, 22.4, 52.6, 18.6, 51.6, 12.6, 54, 6.6, 59.6, 2.6, 59.6, 2.6, 59.4, 8,
                60.6, 13, 60.6, 13, 63.6, 15.2, 64.6, 19.4, 61.6, 22.8);
        pen.solid(56.7, 4.4, 59.6, 2.6, 59.6, 2.6, 59.5, 7.2, 59.5, 7.2, 57.8, 6.2);
        pen.line(0.5, 54, 16.4, 54, 12.4, 55.8, 8.8);
        pen.dot(57.4, 17, 0.5, 0.5);
        pen.dot(60, 18.6, 0.45, 0.45);
        pen.dot(56.8, 13.4, 0.42, 0.42);
    }

    private static void letter(Pen pen) {
        pen.polygon(0.75, -8.4, -5.2, 8.4, -5.2, 8.4, 5.8, -8.4, 5.8);
        pen.line(0.5, -8.4, -5.2, -8.4, -5.2, 0, 1.8, 0, 1.8, 8.4, -5.2);
        pen.polygon(0.52, 4, -3.8, 7, -3.8, 7, -0.4, 4, -0.4);
    }

    private static void eye(Pen pen) {
        pen.shape(0.65, 39.6, 25, 39.6, 25, 40, 20, 40, 20, 42.6, 20, 42.6, 20, 43, 25, 43, 25);
        pen.ellipse(0.8, 41.4, 17.4, 3.2, 3.5);
        pen.dot(41, 17.6, 1.7, 2.0);
        pen.light(41.6, 16.8, 0.6, 0.6);
    }

    private static void shell(Pen pen) {
        pen.shape(
                1.15, 36, 23.4, 45, 24, 52, 27, 56.4, 32, 54.6, 37.4, 49, 43.4, 42, 46.6, 36, 47.4,
                30, 46.6, 23, 43.4, 17.4, 37.4, 15.6, 32, 20, 27, 27, 24);
        pen.stroke(0.6, 0.2, 0.2, 20.6, 31.4, 24, 29, 30, 28, 36, 27.8, 42, 28, 48, 29, 51.4, 31.4);
        pen.stroke(0.75, 0.2, 0.2, 28.6, 38.6, 32, 41.6, 36, 42.4, 40, 41.6, 43.4, 38.6);
        pen.mirrored(
                36,
                p -> {
                    p.line(0.45, 43.2, 37.8, 44.2, 38.4, 44.4, 39.6);
                    p.ellipse(0.54, 48.6, 36.6, 2.3, 1.7);
                    p.dot(41.6, 32.2, 0.7, 0.6);
                    p.dot(45.4, 32.8, 0.55, 0.5);
                    p.dot(38.4, 30.8, 0.5, 0.45);
                    p.line(0.4, 53.4, 35.4, 51.4, 39, 48.6, 41.6);
                });
        pen.line(0.42, 34.4, 44.6, 36, 45, 37.6, 44.6);
    }
}
