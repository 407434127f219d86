package neattrace.standin.skerry;

import neattrace.standin.pen.Pen;

/** A glasshouse full of plants: a colouring page with well over sixty areas. */
final class Glasshouse {

    private Glasshouse() {}

    static void draw(Pen pen) {
        house(pen);
        lamp(pen);
        hangingBasket(pen, 62, 96);
        hangingBasket(pen, 141, 96);
        shelf(pen);
        pen.at(101.6, 206, 0, 1, Glasshouse::palm);
        pen.at(52, 210, 0, 1, Glasshouse::broadLeaves);
        pen.at(151, 210, 0, 1, Glasshouse::tulips);
        pen.at(27, 231, 0, 1.05, Glasshouse::cactus);
        pen.at(174, 231, 0, 0.92, Glasshouse::fern);
        pen.at(101.6, 232, 0, 1, Glasshouse::wateringCan);
        pen.at(68, 235, 0, 0.9, Glasshouse::smallPot);
        pen.at(137, 235, 0, 0.9, Glasshouse::smallPot);
        ground(pen);
        pen.miss(74, 70, 0.7);
        pen.miss(90, 137, 0.8);
        pen.miss(138.4, 61.6, 1.0);
        pen.miss(20.05, 120, 1.2);
    }

    private static void house(Pen pen) {
        pen.polygon(1.3, 20, 90, 101.6, 24, 183.2, 90, 183.2, 236, 20, 236);
        pen.polygon(1.0, 26, 93, 101.6, 32, 177.2, 93, 177.2, 230, 26, 230);
        // The gable: rafters and a collar beam; panes between them.
        pen.mirrored(
                101.6,
                p -> {
                    p.polygon(0.8, 26.6, 95, 46, 79.4, 46, 95);
                    p.polygon(0.8, 49, 95, 49, 77, 74, 57, 74, 95);
                    p.polygon(0.8, 77, 95, 77, 54.6, 100, 36.2, 100, 60, 100, 95);
                    p.line(0.5, 54, 90, 62, 80);
                    p.line(0.5, 57, 92, 67, 79);
                    p.line(0.5, 82, 70, 90, 60);
                });
        pen.polygon(1.0, 22, 95, 181.2, 95, 181.2, 100, 22, 100);
        // Tall panes of the front.
        double[] posts = {28, 62, 96, 107.2, 141.2, 175.2};
        for (int i = 0; i + 1 < posts.length; i++) {
            if (i == 2) {
                continue;
            }
            double left = posts[i] + 1.2;
            double right = posts[i + 1] - 1.2;
            pen.polygon(0.75, left, 103, right, 103, right, 137, left, 137);
            pen.polygon(0.75, left, 140, right, 140, right, 178, left, 178);
            pen.polygon(0.75, left, 181, right, 181, right, 226, left, 226);
        }
        for (int i = 0; i < 3; i++) {
            pen.polygon(
                    0.7,
                    97.4,
                    103 + 41 * i,
                    105.8,
                    103 + 41 * i,
                    105.8,
                    141 + 41 * i,
                    97.4,
                    141 + 41 * i);
        }
        finial(pen);
    }

    private static void finial(Pen pen) {
        pen.shape(
                0.9, 98.4, 27, 98.4, 27, 99, 20, 96.6, 16, 101.6, 6, 101.6, 6, 106.6, 16, 104.2, 20,
                104.8, 27, 104.8, 27);
        pen.stroke(0.6, 0, 0, 99, 20, 101.6, 21, 104.2, 20);
        pen.mirrored(
                101.6,
                p ->
                        p.shape(
                                0.8, 24, 88, 24, 88, 14, 92, 10, 100, 14, 105, 19, 102, 17, 98.4,
                                15, 100, 15, 100, 13.6, 97.6, 17, 93.4, 27, 92, 27, 92));
    }

    private static void lamp(Pen pen) {
        pen.stroke(0.7, 0, 0, 101.6, 60, 101.6, 72);
        pen.shape(
                0.9, 101.6, 71, 108, 76, 112, 84, 112, 84, 101.6, 86, 91.2, 84, 91.2, 84, 95.2, 76);
        pen.ellipse(0.7, 101.6, 88.4, 4.2, 4.4);
    }

    private static void hangingBasket(Pen pen, double x, double y) {
        pen.at(
                x,
                y,
                0,
                1,
                p -> {
                    p.stroke(0.5, 0, 0, 0, 4, -11, 32);
                    p.stroke(0.5, 0, 0, 0, 4, 11, 32);
                    for (int side = -1; side <= 1; side += 2) {
                        for (int i = 0; i < 4; i++) {
                            double turn = side * (28 + 34 * i);
                            double length = 15 + 2.5 * i;
                            p.at(side * 3.0, 31, turn, length / 20, Glasshouse::leaf);
                        }
                    }
                    p.at(0, 31, 0, 0.8, Glasshouse::leaf);
                    p.shape(0.95, -13, 31, -13, 31, 13, 31, 13, 31, 10, 40, 0, 44, -10, 40);
                    p.stroke(0.55, 0, 0, -12, 34.6, 0, 36.4, 12, 34.6);
                    p.line(0.4, -4, 36.6, -3, 40, -1, 43);
                    p.line(0.4, 4, 36.6, 3, 40, 1, 43);
                });
    }

    /** A leaf that points up from the origin, 20 long. */
    private static void leaf(Pen pen) {
        pen.shape(0.75, 0, 0, 0, 0, -5, -6, -4.4, -13, 0, -20, 0, -20, 4.4, -13, 5, -6);
        pen.stroke(0.45, 0, 0.5, 0, 0, 0.4, -8, 0, -20);
    }

    private static void shelf(Pen pen) {
        pen.polygon(1.0, 24, 208, 179.2, 208, 179.2, 213, 24, 213);
    }

    private static void pot(Pen pen, double width, double height) {
        double half = width / 2;
        pen.shape(
                0.95,
                -half,
                0,
                -half,
                0,
                half,
                0,
                half,
                0,
                half * 0.74,
                height,
                half * 0.74,
                height,
                -half * 0.74,
                height,
                -half * 0.74,
                height);
        pen.shape(
                0.9,
                -half - 1.6,
                -5,
                -half - 1.6,
                -5,
                half + 1.6,
                -5,
                half + 1.6,
                -5,
                half + 1.6,
                1,
                half + 1.6,
                1,
                -half - 1.6,
                1,
                -half - 1.6,
                1);
    }

    private static void palm(Pen pen) {
        double[] turns = {-62, 62, -34, 34, 0};
        double[] sizes = {1.7, 1.7, 2.2, 2.2, 2.7};
        for (int i = 0; i < turns.length; i++) {
            pen.at(0, -22, turns[i], sizes[i], Glasshouse::frond);
        }
        pen.at(0, -20, 0, 1, p -> pot(p, 26, 22));
        pen.stroke(0.6, 0, 0, -10.6, -12, 0, -10.6, 10.6, -12);
        pen.stroke(0.6, 0, 0, -10, -7, 0, -5.6, 10, -7);
    }

    private static void frond(Pen pen) {
        pen.shape(
                0.7, 0, 0, 0, 0, -3.6, -5, -6.4, -7, -6.4, -7, -4, -8, -6.6, -12, -6.6, -12, -3.6,
                -12, -5, -17, -5, -17, -2, -16.4, 0, -23, 0, -23, 2, -16.4, 5, -17, 5, -17, 3.6,
                -12, 6.6, -12, 6.6, -12, 4, -8, 6.4, -7, 6.4, -7, 3.6, -5);
        pen.stroke(0.5, 0, 0.4, 0, 0, 0.3, -10, 0, -21);
    }

    private static void broadLeaves(Pen pen) {
        double[] turns = {-64, 62, -36, 38, -6, 14};
        double[] sizes = {1.5, 1.45, 1.9, 1.8, 2.2, 1.5};
        for (int i = 0; i < turns.length; i++) {
            double size = sizes[i];
            pen.at(
                    0,
                    -20,
                    turns[i],
                    1,
                    p -> {
                        p.stroke(0.9, 0, 0, 0, 0, 0, -10 * size);
                        p.at(0, -9 * size, 0, size, Glasshouse::splitLeaf);
                    });
        }
        pen.at(0, -18, 0, 1, p -> pot(p, 24, 20));
        pen.polygon(0.5, -6, -13, 6, -13, 6, -5, -6, -5);
        pen.line(0.35, -4, -10.4, 4, -10.4);
        pen.line(0.35, -4, -7.8, 3, -7.8);
    }

    private static void splitLeaf(Pen pen) {
        pen.shape(
                0.8, 0, 1.6, 0, 1.6, -5, 3, -9, -2, -8, -8, -3.4, -7, -3.4, -7, -7.4, -10.4, -5,
                -15, -1.8, -12.4, -1.8, -12.4, -3, -17, 0, -21, 0, -21, 4, -16, 5.4, -10, 2.4, -9.6,
                2.4, -9.6, 6.8, -8, 8.6, -2, 5, 3);
        pen.stroke(0.5, 0, 0.5, 0, 1.6, 0.2, -9, 0, -20);
        pen.line(0.35, 0.1, -3, -4, -4, -6, -3);
        pen.line(0.35, 0.1, -3, 4, -4.4, 6, -3.6);
    }

    private static void tulips(Pen pen) {
        double[] turns = {-30, 32, -11, 13, 0};
        double[] lengths = {36, 34, 48, 44, 60};
        for (int i = 0; i < turns.length; i++) {
            double length = lengths[i];
            pen.at(
                    0,
                    -20,
                    turns[i],
                    1,
                    p -> {
                        p.shape(
                                0.65, -1.1, 0, -1.1, 0, -0.9, -length, -0.9, -length, 0.9, -length,
                                0.9, -length, 1.1, 0, 1.1, 0);
                        p.at(0, -length, 0, 1, Glasshouse::tulipHead);
                    });
        }
        for (int side = -1; side <= 1; side += 2) {
            pen.at(side * 3.0, -19, side * 20, 1.5, Glasshouse::leaf);
            pen.at(side * 6.0, -19, side * 52, 1.2, Glasshouse::leaf);
        }
        pen.at(0, -18, 0, 1, p -> pot(p, 24, 20));
        for (int i = -2; i <= 2; i++) {
            pen.ellipse(0.5, i * 4.0, -9, 1.5, 2.6);
        }
    }

    private static void tulipHead(Pen pen) {
        pen.shape(
                0.75, -3.4, -3, -6.4, -11.6, -6.4, -11.6, -2, -9.6, 0, -13.6, 0, -13.6, 2, -9.6,
                6.4, -11.6, 6.4, -11.6, 3.4, -3);
        pen.shape(
                0.75, 0, 0.6, -5, -1, -6, -7, -6, -11.4, -6, -11.4, -2.4, -8.4, 0, -3.6, 2.4, -8.4,
                6, -11.4, 6, -11.4, 6, -7, 5, -1);
        pen.line(0.5, 0, -3.6, 0.3, -1.8, 0, 0.4);
    }

    private static void cactus(Pen pen) {
        pen.shape(0.9, -7, -16, -8, -34, -5, -44, 0, -47, 5, -44, 8, -34, 7, -16);
        pen.shape(0.8, -8, -24, -13, -25, -15, -31, -13.4, -36, -11, -35, -10.6, -30, -8, -29);
        pen.shape(0.8, 8, -28, 12, -29, 14, -34, 13, -39, 10.6, -39, 10, -34, 8, -33);
        pen.stroke(0.5, 0.1, 0.1, -2.8, -16, -3.4, -32, -2, -46);
        pen.stroke(0.5, 0.1, 0.1, 2.8, -16, 3.4, -32, 2, -46);
        pen.ellipse(0.6, 0, -49, 3.4, 2.8);
        for (int i = 0; i < 5; i++) {
            pen.at(
                    0,
                    -49,
                    -70 + 35 * i,
                    1,
                    p -> p.shape(0.5, 0, -2, 0, -2, -1.8, -5, 0, -7.6, 0, -7.6, 1.8, -5));
        }
        pen.at(0, -14, 0, 1, p -> pot(p, 20, 16));
        pen.stroke(0.5, 0, 0, -8.6, -6, -4, -9, 0, -6, 4, -9, 8.6, -6);
    }

    private static void fern(Pen pen) {
        double[] turns = {-60, 48, -32, 24, -4};
        for (double turn : turns) {
            pen.at(
                    0,
                    -17,
                    turn,
                    1,
                    p -> {
                        for (int i = 0; i < 4; i++) {
                            double y = -8 - 6.4 * i;
                            double size = 0.5 - 0.06 * i;
                            p.at(0, y, -58, size, Glasshouse::leaf);
                            p.at(0, y, 58, size, Glasshouse::leaf);
                        }
                        p.at(0, -30, 0, 0.36, Glasshouse::leaf);
                        p.stroke(0.8, 0, 0.3, 0, 0, 0, -31);
                    });
        }
        pen.at(0, -14, 0, 1, p -> pot(p, 20, 16));
        for (int i = -1; i <= 1; i++) {
            pen.polygon(0.5, i * 5.0, -9.4, i * 5.0 + 2.2, -6, i * 5.0, -2.6, i * 5.0 - 2.2, -6);
        }
    }

    private static void wateringCan(Pen pen) {
        pen.contour(1.0, -9, -14, -20, -17, -21, -6, -9, -3);
        pen.contour(0.9, -9, -11.6, -16.6, -13.6, -17.4, -8, -9, -6);
        pen.shape(0.95, 9, -8, 9, -8, 22, -19, 22, -19, 24.4, -16.6, 24.4, -16.6, 9, -1, 9, -1);
        pen.shape(
                0.9, 20, -21.6, 20, -21.6, 27.4, -14.6, 27.4, -14.6, 26, -12.8, 26, -12.8, 18, -20,
                18, -20);
        pen.shape(1.0, -10, -17, -10, -17, 10, -17, 10, -17, 11, 2, 11, 2, -11, 2, -11, 2);
        pen.stroke(0.6, 0, 0, -10.2, -12.6, 0, -11.4, 10.2, -12.6);
        pen.stroke(0.6, 0, 0, -10.8, -2, 0, -0.8, 10.8, -2);
        pen.contour(0.9, -7, -17, -6, -24, 0, -26.4, 6, -24, 7, -17);
    }

    private static void smallPot(Pen pen) {
        for (int i = -1; i <= 1; i++) {
            pen.at(i * 2.4, -10, i * 36, 0.8, Glasshouse::leaf);
        }
        pen.at(0, -9, 0, 1, p -> pot(p, 13, 11));
    }

    private static void ground(Pen pen) {
        pen.polygon(1.1, 10, 236, 193.2, 236, 193.2, 244, 10, 244);
        for (int i = 1; i < 9; i++) {
            pen.stroke(0.6, 0, 0, 10 + 20.4 * i, 236, 10 + 20.4 * i, 244);
        }
    }
}
