package neattrace.standin.scanner;

/**
 * How a stand-in scan turns out.
 *
 * @param ppi resolution
 * @param seed of all chance
 * @param tiltDegrees how far the sheet lies askew, clockwise
 * @param grain standard deviation of the paper's brightness, 0 to 255
 * @param falloff how much darker the far corner is, 0 to 1
 * @param strip how dark the strip at the left edge is, 0 none to 1 black
 * @param dust number of dark specks
 * @param smudge how dark the smudge and the postmark are, 0 none to 1 black
 */
public record ScanSettings(
        double ppi,
        long seed,
        double tiltDegrees,
        double grain,
        double falloff,
        double strip,
        int dust,
        double smudge) {

    /** A perfect scan: anti-aliased, pure black on pure white. */
    public static ScanSettings clean(double ppi) {
        return new ScanSettings(ppi, 0, 0, 0, 0, 0, 0, 0);
    }

    /** A scan of a small loose sheet that lay flat: no strip along its edge, no smudge. */
    public static ScanSettings flat(double ppi, long seed) {
        return new ScanSettings(ppi, seed, 0.1, 3.2, 0.08, 0, 25, 0);
    }

    /** An everyday scan on cartridge paper. */
    public static ScanSettings everyday(double ppi, long seed) {
        return new ScanSettings(ppi, seed, 0.35, 3.2, 0.16, 0.3, 60, 0.13);
    }
}
