package neattrace.standin.cutter;

/**
 * How the stand-in cuts.
 *
 * @param bladeOffsetMm from the pivot of its knife to the tip
 * @param reckonedMm the offset that the cutter reckons with, which ought to be the same
 * @param overcutMm closed lines are run over so much longer than round
 * @param speedMmPerS with the blade down
 * @param travelMmPerS with the blade up
 * @param liftSeconds to lift or lower it
 */
public record CutterSettings(
        double bladeOffsetMm,
        double reckonedMm,
        double overcutMm,
        double speedMmPerS,
        double travelMmPerS,
        double liftSeconds) {

    /** A small cutter with a drag knife (common practice, no source). */
    public static final CutterSettings USUAL = new CutterSettings(0.25, 0.25, 0.5, 60, 200, 0.15);

    public CutterSettings {
        if (!(bladeOffsetMm >= 0
                && bladeOffsetMm <= 2
                && reckonedMm >= 0
                && reckonedMm <= 2
                && overcutMm >= 0
                && overcutMm <= 10)) {
            throw new IllegalArgumentException("an offset has 0 to 2 mm, an overcut 0 to 10 mm");
        }
        if (!(speedMmPerS > 0 && travelMmPerS > 0 && liftSeconds >= 0)) {
            throw new IllegalArgumentException("a cutter moves");
        }
    }

    public CutterSettings withBladeOffsetMm(double value) {
        return new CutterSettings(
                value, reckonedMm, overcutMm, speedMmPerS, travelMmPerS, liftSeconds);
    }

    public CutterSettings withReckonedMm(double value) {
        return new CutterSettings(
                bladeOffsetMm, value, overcutMm, speedMmPerS, travelMmPerS, liftSeconds);
    }

    public CutterSettings withOvercutMm(double value) {
        return new CutterSettings(
                bladeOffsetMm, reckonedMm, value, speedMmPerS, travelMmPerS, liftSeconds);
    }

    public CutterSettings withSpeedMmPerS(double value) {
        return new CutterSettings(
                bladeOffsetMm, reckonedMm, overcutMm, value, travelMmPerS, liftSeconds);
    }
}
