package neattrace.press;

import java.awt.color.CMMException;
import java.awt.color.ICC_ColorSpace;
import java.awt.color.ICC_Profile;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.Arrays;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;

/**
 * A press as an ICC profile: what a build looks like, and which build comes nearest to a colour.
 * Safe for use by several threads.
 */
public final class PressProfile {

    /** CGATS TR 001 (SWOP coated), made from a small profile in the public domain (CC0). */
    private static final String BUNDLED = "coated.icc";

    /** Larger files are no profiles, bytes; the largest of presses have a few million. */
    public static final int MOST_BYTES = 24 << 20;

    private final byte[] bytes;
    private final String name;
    private final double[] paper;
    private final ICC_ColorSpace space;
    private final int hash;
    private final Map<Double, Gamut> gamuts = new ConcurrentHashMap<>();
    private final BuildSearch screen = new BuildSearch(build -> preview(build).toLab());
    private final BuildSearch measured = new BuildSearch(this::lab);

    private PressProfile(byte[] bytes) {
        ProfileHeader header = new ProfileHeader(bytes);
        this.bytes = bytes;
        this.name = header.name();
        this.paper = header.mediaWhite();
        this.hash = Arrays.hashCode(bytes);
        this.space = new ICC_ColorSpace(ICC_Profile.getInstance(bytes));
    }

    /** Read once, when it is first asked for. */
    private static final class Bundled {
        static final PressProfile PROFILE = read();

        private static PressProfile read() {
            try (InputStream in = PressProfile.class.getResourceAsStream(BUNDLED)) {
                return new PressProfile(in.readAllBytes());
            } catch (IOException e) {
                throw new UncheckedIOException("the bundled press profile is missing", e);
            }
        }
    }

    /** The profile that ships with the program; always the same one. */
    public static PressProfile bundled() {
        return Bundled.PROFILE;
    }

    /**
     * A profile of a file: of a press with four inks, version 2 or 4.
     *
     * @param icc its bytes, handed over
     * @throws ProfileException if it is none or damaged, with the reason in the user's words
     */
    public static PressProfile of(byte[] icc) throws ProfileException {
        if (icc.length > MOST_BYTES) {
            throw new ProfileException(
                    "It is larger than any press profile: more than "
                            + (MOST_BYTES >> 20)
                            + " MB.");
        }
        new ProfileHeader(icc).check();
        try {
            PressProfile profile = new PressProfile(icc);
            // What is damaged inside shows when colours are asked for.
            Lab white = profile.lab(Cmyk.PAPER);
            Lab solid = profile.lab(new Cmyk(100, 100, 100, 100));
            profile.preview(Cmyk.PAPER);
            if (!(white.l() > solid.l() + 10)) {
                throw new ProfileException("It is damaged: ink does not darken its paper.");
            }
            return profile;
        } catch (CMMException | IllegalArgumentException | ArrayIndexOutOfBoundsException e) {
            throw new ProfileException("This ICC profile is damaged or not complete.", e);
        }
    }

    /** What it calls itself; empty if it does not say. */
    public String name() {
        return name;
    }

    /** Whether it is the one that ships with the program. */
    public boolean isBundled() {
        return equals(bundled());
    }

    /** The profile's bytes, for an output intent. */
    public byte[] bytes() {
        return bytes.clone();
    }

    /** What a build looks like on screen, by the profile's default rendering. */
    public Rgb preview(Cmyk build) {
        float[] rgb = space.toRGB(inks(build));
        return new Rgb(
                Math.round(255 * rgb[0]), Math.round(255 * rgb[1]), Math.round(255 * rgb[2]));
    }

    /** What a build looks like beside its paper, which is white: L*a*b* under D50. */
    public Lab lab(Cmyk build) {
        float[] xyz = space.toCIEXYZ(inks(build));
        return Lab.ofXyzD50(new double[] {xyz[0], xyz[1], xyz[2]});
    }

    /** The paper as it is measured, L*a*b* under D50. */
    public Lab paper() {
        return Lab.ofXyzD50(paper);
    }

    private static float[] inks(Cmyk build) {
        return new float[] {
            (float) build.c() / 100,
            (float) build.m() / 100,
            (float) build.y() / 100,
            (float) build.k() / 100
        };
    }

    /**
     * The build whose preview comes nearest to a screen colour by CIEDE2000, in whole percents.
     * Uses as little black ink as the colour allows, so that flat colours stay clean. Screen
     * colours that no ink reaches come back as the nearest printable one.
     */
    public Cmyk nearest(Rgb colour) {
        return screen.nearest(colour.toLab(), 400);
    }

    /** The same with no more ink than a limit, percent. */
    public Cmyk nearest(Rgb colour, double limit) {
        return screen.nearest(colour.toLab(), limit);
    }

    /**
     * The build that looks most like a measured colour.
     *
     * @param colour beside its paper, under D50
     * @param limit the most ink, percent
     */
    public Cmyk nearest(Lab colour, double limit) {
        return measured.nearest(colour, limit);
    }

    /** How colourful its inks get with so much of them at most, percent; reckoned once. */
    public Gamut gamut(double limit) {
        return gamuts.computeIfAbsent(limit, most -> Gamut.of(this, most));
    }

    /**
     * The build with no more ink than a limit that looks most like another one: more black, less of
     * the rest. The same if it keeps the limit.
     *
     * @param limit percent; under 1 nothing is left but paper
     */
    public Cmyk under(Cmyk build, double limit) {
        return build.total() <= limit ? build : nearest(lab(build), limit);
    }

    @Override
    public boolean equals(Object other) {
        return this == other
                || other instanceof PressProfile profile && Arrays.equals(bytes, profile.bytes);
    }

    @Override
    public int hashCode() {
        return hash;
    }
}
