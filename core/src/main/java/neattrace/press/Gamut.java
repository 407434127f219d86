package neattrace.press;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/**
 * How colourful ink can get: for each lightness and hue the largest chroma of any build on a grid,
 * as seen on screen. Exact to a few L*a*b* units; whether a very colour is reached {@link Reach}
 * tells.
 */
public final class Gamut {

    private static final int LIGHTS = 26;
    private static final int HUES = 72;
    private static final int STEPS = 13;
    private static final double[] BLACKS = {0, 20, 45, 70, 100};

    private final double[][] chroma = new double[LIGHTS][HUES];

    private Gamut() {}

    /** What a press reaches with so much ink at most, percent. */
    static Gamut of(PressProfile press, double limit) {
        Gamut gamut = new Gamut();
        for (double k : BLACKS) {
            for (int i = 0; i < STEPS * STEPS * STEPS; i++) {
                double step = 100.0 / (STEPS - 1);
                Cmyk build =
                        new Cmyk(
                                i % STEPS * step,
                                i / STEPS % STEPS * step,
                                i / STEPS / STEPS * step,
                                k);
                if (build.total() <= limit) {
                    gamut.add(press.preview(build).toLab());
                }
            }
        }
        gamut.close();
        return gamut;
    }

    private void add(Lab lab) {
        int light = light(lab.l());
        int hue = hue(lab.hue());
        chroma[light][hue] = Math.max(chroma[light][hue], lab.chroma());
    }

    /** What no build of the grid hits lies between its neighbours. */
    private void close() {
        for (int l = 0; l < LIGHTS; l++) {
            for (int h = 0; h < HUES; h++) {
                double before = chroma[l][(h + HUES - 1) % HUES];
                double after = chroma[l][(h + 1) % HUES];
                double below = chroma[Math.max(0, l - 1)][h];
                double above = chroma[Math.min(LIGHTS - 1, l + 1)][h];
                double round = (before + after) / 2;
                double along = (below + above) / 2;
                chroma[l][h] = Math.max(chroma[l][h], Math.min(round, along));
            }
        }
    }

    private static int light(double l) {
        return Math.max(0, Math.min(LIGHTS - 1, (int) (l / 100 * LIGHTS)));
    }

    private static int hue(double degrees) {
        return Math.floorMod((int) (degrees / 360 * HUES), HUES);
    }

    /** The largest chroma at a lightness and hue, degrees. */
    public double most(double l, double degrees) {
        return chroma[light(l)][hue(degrees)];
    }

    /**
     * Up to three builds that stand for a colour that ink does not reach, each keeping something
     * else of it: the nearest, one as light, and one as colourful.
     */
    public List<Reach> neighbours(Rgb wish, PressProfile press, double limit) {
        Lab lab = wish.toLab();
        List<Lab> aims = new ArrayList<>();
        double own = Math.min(lab.chroma(), most(lab.l(), lab.hue()));
        aims.add(polar(lab.l(), own, lab.hue()));
        aims.add(brightest(lab));
        List<Reach> found = new ArrayList<>();
        found.add(Reach.of(wish, press, limit));
        for (Lab aim : aims) {
            Reach reach = Reach.of(wish, press.nearest(aim.toRgb(), limit), press);
            if (found.stream()
                    .noneMatch(
                            one ->
                                    DeltaE2000.between(
                                                    one.printed().toLab(), reach.printed().toLab())
                                            < 1)) {
                found.add(reach);
            }
        }
        found.sort(Comparator.comparingDouble(Reach::difference));
        return found;
    }

    /** The most colourful of the same hue, at whatever lightness that is. */
    private Lab brightest(Lab lab) {
        double best = -1;
        double at = lab.l();
        for (int l = 0; l < LIGHTS; l++) {
            double light = (l + 0.5) / LIGHTS * 100;
            double here =
                    Math.min(lab.chroma(), most(light, lab.hue())) - Math.abs(light - lab.l()) / 4;
            if (here > best) {
                best = here;
                at = light;
            }
        }
        return polar(at, Math.min(lab.chroma(), most(at, lab.hue())), lab.hue());
    }

    private static Lab polar(double l, double chroma, double degrees) {
        return new Lab(
                l,
                chroma * Math.cos(Math.toRadians(degrees)),
                chroma * Math.sin(Math.toRadians(degrees)));
    }
}
