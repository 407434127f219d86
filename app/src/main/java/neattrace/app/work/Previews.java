package neattrace.app.work;

import java.lang.System.Logger.Level;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.Supplier;
import neattrace.sheet.SheetRecipe;
import neattrace.sheet.ink.InkPreview;
import neattrace.sheet.sweep.ThresholdSweep;

/** Quick looks at what a recipe would do, while a slider moves. Belongs to the JavaFX thread. */
public final class Previews implements AutoCloseable {

    private final Supplier<Shown> shown;
    private final Background sketching = new Background("sketching");
    private final Background counting = new Background("counting");
    private final Sketcher sketcher = new Sketcher();

    Previews(Supplier<Shown> shown) {
        this.shown = shown;
    }

    /**
     * Sketches what a recipe would do to the part of the page in sight, without changing the job.
     *
     * @param sightMm left, top, right, bottom
     */
    public void sketch(SheetRecipe recipe, double[] sightMm, Consumer<Sketch> show) {
        Shown now = shown.get();
        if (now != null) {
            sketching.start(
                    progress -> sketcher.sketch(now, recipe, sightMm), show, Previews::unseen);
        }
    }

    /**
     * Sketches as above, and then counts what every threshold would do to the part in sight, at the
     * resolution of the screen.
     */
    public void sketchAndCount(
            SheetRecipe recipe,
            double[] sightMm,
            Consumer<Sketch> show,
            Consumer<Optional<ThresholdSweep>> count) {
        Shown now = shown.get();
        if (now == null) {
            return;
        }
        sketching.start(
                progress -> {
                    Sketch sketch = sketcher.sketch(now, recipe, sightMm);
                    return new Sketched(sketch, sketcher.last());
                },
                done -> {
                    show.accept(done.sketch());
                    counting.start(progress -> done.part().sweep(recipe), count, Previews::unseen);
                },
                Previews::unseen);
    }

    /** A look that fails is made good when the slide is let go and the sheet itself is made. */
    private static void unseen(Throwable e) {
        System.getLogger(Previews.class.getName()).log(Level.DEBUG, "no preview", e);
    }

    private record Sketched(Sketch sketch, InkPreview part) {}

    /** Nothing that was asked for is shown any more. */
    void stop() {
        sketching.stop();
        counting.stop();
    }

    @Override
    public void close() {
        sketching.close();
        counting.close();
    }
}
