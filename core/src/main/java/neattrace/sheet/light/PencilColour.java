package neattrace.sheet.light;

import java.util.Optional;
import neattrace.raster.Picture;
import neattrace.sheet.PencilRecipe.Colour;

/**
 * A pencil's colour on its paper.
 *
 * @param paper brightness of the paper in red, green and blue, 1 to 255
 * @param density mean optical density of the pencil over the paper, in red, green and blue
 * @param share which share of the sheet has this colour, 0 to 1
 */
public record PencilColour(double[] paper, double[] density, double share) {

    private static final int SAMPLES = 400_000;

    /** Less colourful than this (largest less smallest channel, of 255) is grey. */
    private static final int COLOURFUL = 26;

    /** How far a hue may lie from the pencil's, degrees. */
    private static final double HUE_REACH = 45;

    /** Less of the sheet than this is a slip, not an under-drawing. */
    private static final double LEAST_SHARE = 0.001;

    /** Measures paper and pencil; a pencil that does not occur gets its usual colour. */
    public static PencilColour measure(Picture picture, Colour colour) {
        int[] rgb = picture.rgb();
        int step = Math.max(1, rgb.length / SAMPLES);
        double[] paper = paper(rgb, step);
        double[] sum = new double[3];
        long count = 0;
        long total = 0;
        for (int i = 0; i < rgb.length; i += step) {
            total++;
            double[] c = overPaper(rgb[i], paper);
            if (chroma(c) < COLOURFUL || distance(hue(c), colour.hue()) > HUE_REACH) {
                continue;
            }
            for (int channel = 0; channel < 3; channel++) {
                sum[channel] += -Math.log(Math.max(6, c[channel]) / 255);
            }
            count++;
        }
        double share = total == 0 ? 0 : (double) count / total;
        double[] density = usual(colour);
        if (share >= LEAST_SHARE / 10) {
            for (int channel = 0; channel < 3; channel++) {
                density[channel] = Math.max(0, sum[channel] / count);
            }
        }
        return new PencilColour(paper, density, share);
    }

    /** The pencil that was used most, if an under-drawing is there at all. */
    public static Optional<Colour> find(Picture picture) {
        if (picture.rgb().length == 0) {
            return Optional.empty();
        }
        Colour best = null;
        double most = LEAST_SHARE;
        for (Colour colour : Colour.values()) {
            double share = measure(picture, colour).share();
            if (share > most) {
                most = share;
                best = colour;
            }
        }
        return Optional.ofNullable(best);
    }

    /** Each channel's brightest common value: the 90th percentile. */
    private static double[] paper(int[] rgb, int step) {
        int[][] counts = new int[3][256];
        int total = 0;
        for (int i = 0; i < rgb.length; i += step) {
            counts[0][rgb[i] >> 16 & 0xff]++;
            counts[1][rgb[i] >> 8 & 0xff]++;
            counts[2][rgb[i] & 0xff]++;
            total++;
        }
        double[] paper = new double[3];
        for (int channel = 0; channel < 3; channel++) {
            int value = 255;
            int seen = counts[channel][255];
            while (seen < total * 0.1 && value > 1) {
                seen += counts[channel][--value];
            }
            paper[channel] = Math.max(16, value);
        }
        return paper;
    }

    private static double[] overPaper(int rgb, double[] paper) {
        return new double[] {
            Math.min(255, (rgb >> 16 & 0xff) * 255 / paper[0]),
            Math.min(255, (rgb >> 8 & 0xff) * 255 / paper[1]),
            Math.min(255, (rgb & 0xff) * 255 / paper[2])
        };
    }

    private static double chroma(double[] c) {
        return Math.max(c[0], Math.max(c[1], c[2])) - Math.min(c[0], Math.min(c[1], c[2]));
    }

    /** Hue in degrees, as in HSV (A. Smith, "Color Gamut Transform Pairs", SIGGRAPH 1978). */
    private static double hue(double[] c) {
        double max = Math.max(c[0], Math.max(c[1], c[2]));
        double chroma = chroma(c);
        double sixth =
                max == c[0]
                        ? (c[1] - c[2]) / chroma
                        : max == c[1] ? (c[2] - c[0]) / chroma + 2 : (c[0] - c[1]) / chroma + 4;
        return (sixth * 60 + 360) % 360;
    }

    private static double distance(double a, double b) {
        double d = Math.abs(a - b) % 360;
        return Math.min(d, 360 - d);
    }

    private static double[] usual(Colour colour) {
        return switch (colour) {
            case BLUE -> new double[] {0.9, 0.4, 0.1};
            case RED -> new double[] {0.1, 0.9, 0.8};
            case GREEN -> new double[] {0.8, 0.2, 0.7};
        };
    }
}
