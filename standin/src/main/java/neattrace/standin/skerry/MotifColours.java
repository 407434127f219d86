package neattrace.standin.skerry;

import java.util.ArrayList;
import java.util.List;
import neattrace.flat.Fill;
import neattrace.flat.Swatch;
import neattrace.geom.Point;
import neattrace.press.Cmyk;

/** The colours of the small motifs. */
final class MotifColours {

    private MotifColours() {}

    static List<Swatch> palette(SkerryMotif motif) {
        return switch (motif) {
            case LIGHTHOUSE ->
                    List.of(
                            swatch(1, "Lamp yellow", 0, 20, 80, 0),
                            swatch(2, "Roof red", 8, 88, 82, 4),
                            swatch(3, "Skerry grey", 22, 16, 24, 18),
                            swatch(4, "Glass blue", 30, 4, 10, 0),
                            swatch(5, "Slate blue", 58, 34, 22, 8));
            case GULL ->
                    List.of(
                            swatch(1, "Beak yellow", 0, 24, 88, 0),
                            swatch(2, "Gull grey", 34, 18, 14, 4),
                            swatch(3, "Post tan", 14, 40, 60, 10),
                            swatch(4, "Rope cream", 4, 10, 26, 0),
                            swatch(5, "Seal red", 6, 92, 84, 2),
                            swatch(6, "Letter cream", 2, 5, 18, 0));
            case CRAB ->
                    List.of(
                            swatch(1, "Shell red", 4, 80, 76, 0),
                            swatch(2, "Claw orange", 0, 56, 82, 0),
                            swatch(3, "Cheek pink", 0, 48, 30, 0),
                            swatch(4, "Letter cream", 2, 5, 18, 0),
                            swatch(5, "Stamp blue", 70, 30, 14, 4));
            case BOTTLE ->
                    List.of(
                            swatch(1, "Glass green", 40, 4, 34, 0),
                            swatch(2, "Parchment", 6, 14, 36, 0),
                            swatch(3, "Wave blue", 72, 24, 20, 2),
                            swatch(4, "Cork tan", 16, 44, 66, 10),
                            swatch(5, "Ribbon red", 6, 92, 84, 2));
            case SEAL ->
                    List.of(
                            swatch(1, "Seal grey", 40, 28, 24, 8),
                            swatch(2, "Muzzle cream", 4, 8, 20, 0),
                            swatch(3, "Post navy", 92, 72, 28, 24),
                            swatch(4, "Badge gold", 0, 22, 84, 0),
                            swatch(5, "Wave blue", 66, 20, 18, 0),
                            swatch(6, "Tongue pink", 0, 50, 30, 0),
                            swatch(7, "Band red", 8, 88, 82, 4));
            case LETTERBOX ->
                    List.of(
                            swatch(1, "Box red", 8, 90, 82, 4),
                            swatch(2, "Letter cream", 2, 5, 18, 0),
                            swatch(3, "Brass", 0, 26, 78, 6),
                            swatch(4, "Skerry grey", 22, 16, 24, 18),
                            swatch(5, "Weed green", 60, 16, 72, 8),
                            swatch(6, "Star orange", 0, 56, 80, 0),
                            swatch(7, "Post navy", 92, 72, 28, 24));
        };
    }

    static List<Fill> fills(SkerryMotif motif) {
        return switch (motif) {
            case LIGHTHOUSE ->
                    fills(
                            new double[] {
                                1, 28, 4, 28.6, 16, 27.9, 28.5, 27.4, 30.4, 27.9, 40.9, 27.4, 42.8
                            },
                            new double[] {2, 29.4, 9.8, 26.4, 50.5, 29.3, 49.8},
                            new double[] {3, 44.6, 58.7, 28, 60, 12.5, 60.5, 21, 59},
                            new double[] {
                                4, 24.4, 14.1, 31.6, 14.1, 30.1, 14, 26, 14.1, 26.1, 18.5, 29.9,
                                18.5
                            },
                            new double[] {
                                5, 21, 20.4, 22.9, 20.5, 25, 20.5, 33.1, 20.6, 34.9, 20.3, 27, 22.4,
                                29, 22.4, 31.1, 20.6
                            },
                            new double[] {
                                0, 25.3, 34.4, 23.3, 46.7, 23.6, 25, 24, 28.9, 22.9, 41.3
                            });
            case GULL ->
                    fills(
                            new double[] {
                                1, 48.8, 14.7, 61.7, 16.6, 57.5, 18.8, 26.9, 49.3, 33, 50.7, 28.9,
                                55.8, 34.9, 55.8, 32.4, 55.5, 26.4, 55.5
                            },
                            new double[] {
                                2, 15.9, 35.8, 36.4, 35.2, 31.1, 35.8, 24.7, 35.8, 32.5, 38.9, 27.6,
                                39.6, 17.5, 40, 23.3, 39.7, 31, 31
                            },
                            new double[] {3, 28.9, 61.1, 21.3, 70.2},
                            new double[] {
                                4, 30.7, 54.4, 20.9, 56.2, 40, 56.2, 32.5, 58.1, 20.8, 62.7, 40.9,
                                62.2, 23.9, 63.5, 38.4, 63.2, 26.8, 64, 35.5, 63.8, 29.8, 64.3,
                                32.6, 64.1, 20.8, 66.3, 40.9, 65.8, 23.9, 67.1, 38.4, 66.8, 26.8,
                                67.6, 35.5, 67.4, 29.8, 67.9, 32.6, 67.7
                            },
                            new double[] {5, 60.6, 19.3, 60, 27.1},
                            new double[] {6, 60.4, 23.4, 55.9, 26.3},
                            new double[] {
                                0, 43.7, 34.4, 50.8, 14.3, 10.2, 39, 9.3, 41.2, 30.1, 49.9
                            });
            case CRAB ->
                    fills(
                            new double[] {1, 12, 15.7, 60, 15.9, 6.4, 13.6, 36, 36.4, 65.6, 16.4},
                            new double[] {
                                2, 40.9, 22.2, 30.3, 22.2, 13.9, 28.3, 12, 25.1, 59.8, 25.1, 58,
                                28.2, 14.5, 35.5, 11.7, 36.8, 60.3, 36.9, 57.5, 35.9, 17.3, 41.2,
                                54.9, 41.4, 13.3, 43.8, 58.6, 44, 21.6, 45.5, 50.3, 45.7, 18.4,
                                50.1, 53.4, 50.3
                            },
                            new double[] {3, 23.3, 36.5, 48.5, 36.5},
                            new double[] {4, 65.3, 7.1, 68.5, 12.3},
                            new double[] {5, 70.7, 7.8},
                            new double[] {0, 29, 15.8, 42.4, 15.3, 30.4, 16.8, 41.6, 16.8});
            case BOTTLE ->
                    fills(
                            new double[] {1, 47.2, 20.4, 56.5, 12.5},
                            new double[] {2, 35.1, 22.5, 39, 19.2, 20.3, 30.2},
                            new double[] {3, 57.3, 45.6},
                            new double[] {4, 63.7, 14.5, 60.9, 13.6},
                            new double[] {5, 29.4, 23.1, 30.6, 25.2, 31.4, 26.9, 32.9, 31.1});
            case SEAL ->
                    fills(
                            new double[] {
                                1, 29.7, 26, 33.9, 49.7, 50.3, 49, 17.5, 54.2, 42.6, 35, 17.1, 35,
                                19.2, 37.7, 22.7, 38, 50.8, 58, 43.3, 38.6, 22, 38
                            },
                            new double[] {
                                2, 17, 44.6, 23.1, 48.4, 31.1, 8.9, 29.9, 9.6, 35.2, 33, 24.9, 33,
                                41.5, 42.5, 39.9, 46.9, 43.5, 51.3, 38.5, 51.8, 35.2, 54.9
                            },
                            new double[] {3, 37.9, 10.1},
                            new double[] {4, 31.2, 7.3, 33.4, 8.9, 30.7, 11.5},
                            new double[] {5, 52.6, 62},
                            new double[] {6, 29.9, 39.3},
                            new double[] {7, 27.8, 13.8, 23.7, 41.7},
                            new double[] {
                                0, 28, 17.9, 21.6, 24.8, 38.3, 24.9, 22.5, 25.6, 37.5, 25.6, 28.9,
                                31.2
                            });
            case LETTERBOX ->
                    fills(
                            new double[] {
                                1, 31.6, 8.7, 18.1, 33, 27, 55.2, 37.8, 22, 39.1, 24.3, 39.8, 27.4,
                                38.3, 36.4, 38.3, 40.3, 38.5, 52, 38.8, 55.8, 39, 50.6, 39, 36,
                                39.2, 48.2
                            },
                            new double[] {
                                2, 25.5, 17.5, 32.4, 23.4, 22.4, 41.6, 27.1, 40.5, 6, 67.6, 11.6,
                                66.8, 7.8, 67.5, 10.1, 67.5, 12.5, 68.3, 14.9, 65.8, 15.4, 68.6,
                                13.7, 68.7
                            },
                            new double[] {
                                3, 28, 3, 15.2, 15.9, 37.6, 16.4, 18.5, 27.2, 32.4, 39, 25.8, 39.5,
                                33.3, 53.3
                            },
                            new double[] {
                                4, 39.4, 69.8, 20.1, 70.2, 32.6, 70.6, 11.2, 62.3, 45.4, 63.6, 41,
                                65.4, 51.7, 68.3
                            },
                            new double[] {5, 49.4, 54.2, 47.4, 64.8, 42.6, 67.3},
                            new double[] {6, 41.8, 60.3, 42.4, 61.6, 43.4, 62.3},
                            new double[] {7, 27, 21.6, 19.5, 65.2});
        };
    }

    private static Swatch swatch(int id, String name, double c, double m, double y, double k) {
        return new Swatch(id, name, new Cmyk(c, m, y, k));
    }

    /** Of each row a swatch's id, then places with it, mm. */
    private static List<Fill> fills(double[]... rows) {
        List<Fill> fills = new ArrayList<>();
        for (double[] row : rows) {
            for (int i = 1; i < row.length; i += 2) {
                fills.add(new Fill(new Point(row[i], row[i + 1]), (int) row[0]));
            }
        }
        return fills;
    }
}
