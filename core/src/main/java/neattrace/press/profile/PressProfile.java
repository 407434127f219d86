package neattrace.press.profile;

import java.awt.color.ICC_ColorSpace;
import java.awt.color.ICC_Profile;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import neattrace.press.Cmyk;
import neattrace.press.colour.DeltaE2000;
import neattrace.press.colour.Lab;
import neattrace.press.colour.Rgb;
import org.apache.pdfbox.pdmodel.PDDocument;

/**
 * A press as an ICC profile: what a build looks like, and which build comes nearest to a colour.
 * Safe for use by several threads.
 */
public final class PressProfile {

    /** The CC0 press profile inside the PDFBox jar. */
    private static final String BUNDLED =
            "/org/apache/pdfbox/resources/icc/CGATS001Compat-v2-micro.icc";

    private static final int GRID = 6;

    private final byte[] bytes;
    private final ICC_ColorSpace space;
    private Lab[] grid;

    private PressProfile(byte[] bytes) {
        this.bytes = bytes;
        this.space = new ICC_ColorSpace(ICC_Profile.getInstance(bytes));
    }

    /** The profile that ships with the program. */
    public static PressProfile bundled() {
        try (InputStream in = PDDocument.class.getResourceAsStream(BUNDLED)) {
            return new PressProfile(in.readAllBytes());
        } catch (IOException e) {
            throw new UncheckedIOException("the bundled press profile is missing", e);
        }
    }

    /** The profile's bytes, for an output intent. */
    public byte[] bytes() {
        return bytes.clone();
    }

    /** What a build looks like on screen, by the profile's default rendering. */
    public Rgb preview(Cmyk build) {
        float[] rgb =
                space.toRGB(
                        new float[] {
                            (float) build.c() / 100,
                            (float) build.m() / 100,
                            (float) build.y() / 100,
                            (float) build.k() / 100
                        });
        return new Rgb(
                Math.round(255 * rgb[0]), Math.round(255 * rgb[1]), Math.round(255 * rgb[2]));
    }

    /**
     * The build whose preview comes nearest to a screen colour by CIEDE2000, in whole percents.
     * Uses as little black ink as the colour allows, so that flat colours stay clean. Screen
     * colours that no ink reaches come back as the nearest printable one.
     */
    public Cmyk nearest(Rgb colour) {
        Lab target = colour.toLab();
        Cmyk best = coarse(target);
        double bestCost = cost(best, target);
        for (double step = 100.0 / (GRID - 1) / 2; step >= 0.9; step /= 2) {
            boolean better = true;
            while (better) {
                better = false;
                for (int axis = 0; axis < 8; axis++) {
                    Cmyk tried = moved(best, axis / 2, axis % 2 == 0 ? step : -step);
                    double cost = cost(tried, target);
                    if (cost < bestCost - 1e-9) {
                        best = tried;
                        bestCost = cost;
                        better = true;
                    }
                }
            }
        }
        return best.rounded();
    }

    private Cmyk coarse(Lab target) {
        Lab[] known = grid();
        Cmyk best = Cmyk.PAPER;
        double bestCost = Double.MAX_VALUE;
        for (int i = 0; i < known.length; i++) {
            Cmyk build = gridBuild(i);
            double cost = DeltaE2000.between(known[i], target) + blackPenalty(build);
            if (cost < bestCost) {
                bestCost = cost;
                best = build;
            }
        }
        return best;
    }

    private synchronized Lab[] grid() {
        if (grid == null) {
            grid = new Lab[GRID * GRID * GRID * 3];
            for (int i = 0; i < grid.length; i++) {
                grid[i] = preview(gridBuild(i)).toLab();
            }
        }
        return grid;
    }

    private static Cmyk gridBuild(int i) {
        double step = 100.0 / (GRID - 1);
        return new Cmyk(
                i % GRID * step,
                i / GRID % GRID * step,
                i / GRID / GRID % GRID * step,
                i / (GRID * GRID * GRID) * 40.0);
    }

    private static Cmyk moved(Cmyk build, int ink, double by) {
        return new Cmyk(
                clamp(build.c() + (ink == 0 ? by : 0)),
                clamp(build.m() + (ink == 1 ? by : 0)),
                clamp(build.y() + (ink == 2 ? by : 0)),
                clamp(build.k() + (ink == 3 ? by : 0)));
    }

    private static double clamp(double value) {
        return Math.max(0, Math.min(100, value));
    }

    private double cost(Cmyk build, Lab target) {
        return DeltaE2000.between(preview(build).toLab(), target) + blackPenalty(build);
    }

    private static double blackPenalty(Cmyk build) {
        return 0.004 * build.k() + 0.0005 * build.total();
    }
}
