package neattrace.sheet.ink;

import java.util.List;
import java.util.Optional;
import neattrace.geom.Point;
import neattrace.raster.GreySheet;
import neattrace.raster.InkMap;
import neattrace.raster.Picture;
import neattrace.sheet.SheetFrame;
import neattrace.sheet.SheetRecipe;
import neattrace.sheet.light.LightField;
import neattrace.sheet.speck.SpeckReport;
import neattrace.sheet.sweep.CalmStretch;
import neattrace.sheet.sweep.Change;
import neattrace.sheet.sweep.ThresholdSweep;
import neattrace.sheet.threshold.EdgeLevels;
import neattrace.sheet.threshold.Levels;
import neattrace.sheet.threshold.ToneMap;

/** An ink map and what was measured while making it. Immutable; keeps every step's outcome. */
public final class InkReading {

    private final InkMap map;
    private final LaidSheet laid;
    private final TonedSheet toned;
    private final InkMapper.Advice advice;
    private final SheetRecipe recipe;
    private final double scanPxPerMm;
    private final double inkPercent;
    private final SpeckReport specks;
    private final List<String> notes;

    InkReading(
            InkMap map,
            LaidSheet laid,
            TonedSheet toned,
            InkMapper.Advice advice,
            SheetRecipe recipe,
            double scanPxPerMm,
            double inkPercent,
            SpeckReport specks,
            List<String> notes) {
        this.map = map;
        this.laid = laid;
        this.toned = toned;
        this.advice = advice;
        this.recipe = recipe;
        this.scanPxPerMm = scanPxPerMm;
        this.inkPercent = inkPercent;
        this.specks = specks;
        this.notes = List.copyOf(notes);
    }

    LaidSheet laid() {
        return laid;
    }

    TonedSheet toned() {
        return toned;
    }

    /** Null if nothing parts ink from paper. */
    InkMapper.Advice advice() {
        return advice;
    }

    /** What it was made from. */
    public Picture picture() {
        return laid.picture();
    }

    /** The coverage. */
    public InkMap map() {
        return map;
    }

    /** How the sheet lies in the scan. */
    public SheetFrame frame() {
        return laid.frame();
    }

    /** The sheet in its own light. */
    public GreySheet grey() {
        return laid.grey();
    }

    /** What is erased and what is protected. */
    public Masked masked() {
        return laid.masked();
    }

    /** The light that was evened out. */
    public LightField light() {
        return toned.light();
    }

    /** Where paper and ink lie after evening. */
    public Levels levels() {
        return toned.levels();
    }

    /** Darkness before the decision. */
    public ToneMap tone() {
        return toned.tone();
    }

    /** The recipe that was applied, without steps that are switched off. */
    public SheetRecipe recipe() {
        return recipe;
    }

    /** Resolution of the scan; the sheet's is larger if it was enlarged. */
    public double scanPxPerMm() {
        return scanPxPerMm;
    }

    /** Whether the picture had only black and white. */
    public boolean oneBit() {
        return laid.oneBit();
    }

    /** Median difference of neighbouring paper pixels, 0 to 255. */
    public double noise() {
        return toned.levels().noise();
    }

    /** The sheet's threshold as it was applied, percent of the way from paper to ink. */
    public double inkPercent() {
        return inkPercent;
    }

    /** What every threshold would do, unless nothing parts ink from paper. */
    public Optional<ThresholdSweep> sweep() {
        return Optional.ofNullable(advice).map(InkMapper.Advice::sweep);
    }

    /** The stretch of thresholds in which the drawing's topology stays. */
    public Optional<CalmStretch> calm() {
        return Optional.ofNullable(advice).map(InkMapper.Advice::calm);
    }

    /** The changes between thresholds that concern the drawing. */
    public List<Change> changes() {
        return advice == null ? List.of() : advice.changes();
    }

    /** What the edges of the ink have in common. */
    public EdgeLevels edges() {
        return advice == null ? EdgeLevels.ASSUMED : advice.edges();
    }

    /**
     * Brightness of the evened sheet round a place: the mean of 5 x 5 pixels, 0 to 255; empty if
     * the place lies beyond the sheet.
     *
     * @param at sheet px
     */
    public Optional<Double> evenedAt(Point at) {
        GreySheet grey = laid.grey();
        int x = (int) Math.floor(at.x());
        int y = (int) Math.floor(at.y());
        if (x < 0 || y < 0 || x >= grey.width() || y >= grey.height()) {
            return Optional.empty();
        }
        double sum = 0;
        int count = 0;
        for (int yy = Math.max(0, y - 2); yy <= Math.min(grey.height() - 1, y + 2); yy++) {
            for (int xx = Math.max(0, x - 2); xx <= Math.min(grey.width() - 1, x + 2); xx++) {
                sum += grey.at(xx, yy);
                count++;
            }
        }
        double mean = sum / count;
        double paper =
                toned.light().isEven()
                        ? 255
                        : toned.light().at(at.x() / grey.width(), at.y() / grey.height());
        return Optional.of(Math.min(255, Math.rint(mean * 255 / paper)));
    }

    /** What was done about specks. */
    public SpeckReport specks() {
        return specks;
    }

    /** What a user should know, in plain words. */
    public List<String> notes() {
        return notes;
    }
}
