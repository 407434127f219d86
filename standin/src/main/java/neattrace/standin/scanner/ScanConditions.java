package neattrace.standin.scanner;

import java.util.SplittableRandom;

/**
 * Everything that paper, ink, light, lens and file do to a drawing. Grey values are 0 black to 255
 * white, lengths px of the scan.
 *
 * @param paper brightness of bare paper in full light
 * @param ink brightness of the ink
 * @param inkTexture standard deviation of the ink's brightness from place to place
 * @param inkTexturePx how far it hangs together
 * @param grain standard deviation of the paper's brightness from pixel to pixel
 * @param blotch standard deviation of stains on the paper
 * @param blotchPx how large they are
 * @param dust number of dark specks
 * @param dustFromPx diameter of the smallest
 * @param dustToPx diameter of the largest
 * @param dustFrom brightness of the palest, as a share of the way from paper to ink, 0 to 1
 * @param dustTo brightness of the darkest, the same way
 * @param fibres number of short pale hairs
 * @param whites number of bright specks on the ink, of the same sizes
 * @param falloff how much darker the far corner is, 0 to 1
 * @param spine how dark the shadow along the left edge is, 0 to 1
 * @param spinePx how wide it is
 * @param blurPx standard deviation of the lens's blur
 * @param noise standard deviation of the sensor's noise
 * @param jpeg quality 1 to 100 of a lossy file; 0 for none
 * @param oneBit whether the scanner makes black and white of it
 */
public record ScanConditions(
        double paper,
        double ink,
        double inkTexture,
        double inkTexturePx,
        double grain,
        double blotch,
        double blotchPx,
        int dust,
        double dustFromPx,
        double dustToPx,
        double dustFrom,
        double dustTo,
        int fibres,
        int whites,
        double falloff,
        double spine,
        double spinePx,
        double blurPx,
        double noise,
        int jpeg,
        boolean oneBit) {

    /** What a case is like. */
    public enum Kind {
        SCAN,
        ONE_BIT,
        PHOTO
    }

    /**
     * Conditions drawn at random.
     *
     * @param strokePx how wide the drawing's lines are; a line is at least three times as wide as
     *     the blur's standard deviation, and dust is finer than lines are wide or hardly wider
     * @param sidePx the shorter side of the sheet
     */
    public static ScanConditions random(
            SplittableRandom chance, Kind kind, double strokePx, int sidePx) {
        boolean photo = kind == Kind.PHOTO;
        boolean oneBit = kind == Kind.ONE_BIT;
        double most = Math.max(0.4, Math.min(2, strokePx / 3));
        double largest = Math.max(1.2, Math.min(9, 0.6 * strokePx));
        double paper = photo ? chance.nextDouble(150, 235) : chance.nextDouble(205, 252);
        double ink = Math.min(chance.nextDouble(10, 110), paper - 80);
        double dustFrom = chance.nextDouble(0.2, 0.6);
        boolean clean = chance.nextInt(6) == 0;
        return new ScanConditions(
                paper,
                ink,
                chance.nextInt(3) == 0
                        ? chance.nextDouble(0, 0.11) * (paper - ink)
                        : chance.nextDouble(0, 3),
                chance.nextDouble(0.8, 5),
                clean ? chance.nextDouble(0, 1) : chance.nextDouble(0.5, 9),
                chance.nextInt(2) == 0 ? 0 : chance.nextDouble(1, 8),
                Math.exp(chance.nextDouble(Math.log(4), Math.log(120))),
                clean ? 0 : (int) Math.exp(chance.nextDouble(0, Math.log(600))),
                0.6,
                chance.nextDouble(0.9, Math.max(1, largest)),
                dustFrom,
                chance.nextDouble(dustFrom, 1),
                clean || chance.nextInt(3) > 0 ? 0 : chance.nextInt(1, 12),
                clean || chance.nextInt(3) > 0 ? 0 : chance.nextInt(1, 40),
                oneBit ? 0 : photo ? chance.nextDouble(0.15, 0.5) : chance.nextDouble(0, 0.25),
                !oneBit && sidePx > 350 && chance.nextInt(4) == 0
                        ? chance.nextDouble(0.2, 0.75)
                        : 0,
                Math.max(30, chance.nextDouble(0.04, 0.15) * sidePx),
                Math.exp(
                        chance.nextDouble(
                                Math.log(photo ? Math.min(0.7, most) : 0.4),
                                Math.log(most + 1e-6) + 1e-9)),
                photo ? chance.nextDouble(1, 6) : chance.nextDouble(0, 3),
                photo || chance.nextInt(3) == 0 ? chance.nextInt(photo ? 60 : 50, 96) : 0,
                oneBit);
    }
}
