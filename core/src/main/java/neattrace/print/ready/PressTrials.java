package neattrace.print.ready;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import neattrace.flat.Swatch;
import neattrace.goods.Costs;
import neattrace.goods.Goods;
import neattrace.goods.GoodsFit;
import neattrace.goods.Needs.Coloured;
import neattrace.job.PressSection;
import neattrace.job.WantedGoods;
import neattrace.job.pipeline.Drawing;
import neattrace.job.pipeline.GoodsDrawing;
import neattrace.job.pipeline.Pipeline;
import neattrace.press.black.BlackSchool;
import neattrace.press.rehearsal.Fault;
import neattrace.press.rehearsal.FaultPlace;
import neattrace.press.rehearsal.PressRecipe;
import neattrace.press.rehearsal.RehearsalRun;
import neattrace.raster.reading.PictureException;
import neattrace.sheet.ink.InkReading;
import neattrace.stage.Progress;
import neattrace.stage.Same;
import neattrace.stage.Stage;

/**
 * All goods of a job that are printed in several inks, each on the stand-in press, and what would
 * mend what fails there. Time is that of making plates and printing {@link #SHEETS} sheets of each,
 * and the same again for everything that is tried.
 *
 * @param sheet whose lines were printed
 * @param press by which it was printed
 * @param swatches by which it was printed
 * @param goods that were printed, in the job's order
 * @param trials one for each of them
 */
public record PressTrials(
        Same<InkReading> sheet,
        PressSection press,
        List<Swatch> swatches,
        List<WantedGoods> goods,
        List<PressTrial> trials) {

    /** So many sheets tell to a few of a hundred how often a place fails. */
    public static final int SHEETS = 50;

    private static final long SEED = 1;

    private static final Stage<List<Wish>, List<PressTrial>> TRIALS =
            new Stage<>(
                    "Printing on the stand-in press",
                    (wishes, run) -> made(wishes, run.progress()));

    /**
     * What is printed.
     *
     * @param goods its id in the job
     * @param widestMm the widest tolerance of all goods of the job
     */
    private record Wish(int goods, PressArt art, GoodsFit fit, double widestMm) {

        PressSheet sheet(PressArt other, Progress progress) {
            return PressSheet.of(other, Optional.of(fit), progress);
        }
    }

    public PressTrials {
        swatches = List.copyOf(swatches);
        goods = List.copyOf(goods);
        trials = List.copyOf(trials);
    }

    /** Whether there is anything to print for a job: goods whose plates may lie off. */
    public static boolean isWanted(Drawing drawing) {
        return !printed(drawing).isEmpty();
    }

    /**
     * Prints them.
     *
     * @throws PictureException if the source cannot be read
     * @throws java.util.concurrent.CancellationException if {@code progress} says so
     */
    public static PressTrials of(Pipeline pipeline, Drawing drawing, Progress progress)
            throws PictureException {
        List<WantedGoods> printed = printed(drawing);
        List<Wish> wishes = wishes(pipeline, drawing, printed, progress.part(0, 0.1));
        List<PressTrial> trials =
                wishes.isEmpty()
                        ? List.of()
                        : pipeline.made(TRIALS, wishes, progress.part(0.1, 0.8));
        return new PressTrials(
                Same.of(drawing.reading()),
                drawing.job().press(),
                drawing.job().swatches(),
                printed,
                weighed(pipeline, drawing, printed, trials, progress.part(0.8, 1)));
    }

    /** Whether it is about the same sheet, goods, inks and decisions as a drawing. */
    public boolean isOf(Drawing drawing) {
        return sheet.equals(Same.of(drawing.reading()))
                && press.equals(drawing.job().press())
                && swatches.equals(drawing.job().swatches())
                && goods.equals(printed(drawing));
    }

    private static List<WantedGoods> printed(Drawing drawing) {
        boolean bare = drawing.layers().isEmpty() && drawing.traced().colouredLines().isEmpty();
        if (bare && drawing.job().press().school() != BlackSchool.AS_DRAWN) {
            return List.of();
        }
        return drawing.job().goods().wanted().stream()
                .filter(one -> isPrinted(one.goods(), drawing.job().press()))
                .map(PressTrials::plain)
                .toList();
    }

    private static boolean isPrinted(Goods goods, PressSection press) {
        return goods.needs().coloured() != Coloured.NO
                && register(goods, press) > 0
                && goods.printing().mostInks() != 1;
    }

    private static List<Wish> wishes(
            Pipeline pipeline, Drawing drawing, List<WantedGoods> printed, Progress progress)
            throws PictureException {
        double widest =
                printed.stream()
                        .mapToDouble(one -> register(one.goods(), drawing.job().press()))
                        .max()
                        .orElse(0);
        List<Wish> wishes = new ArrayList<>();
        for (WantedGoods one : printed) {
            GoodsDrawing on = GoodsDrawing.of(pipeline, drawing, one, progress);
            wishes.add(
                    new Wish(
                            one.id(), PressArt.of(on.drawing()).on(one.goods()), on.fit(), widest));
        }
        return wishes;
    }

    private static double register(Goods goods, PressSection press) {
        return PressTerms.of(press, goods.printing(), goods.ground()).trap().registerMm();
    }

    private static List<PressTrial> made(List<Wish> wishes, Progress progress) {
        List<PressTrial> trials = new ArrayList<>();
        for (int i = 0; i < wishes.size(); i++) {
            double from = (double) i / wishes.size();
            trials.add(made(wishes.get(i), progress.part(from, from + 1.0 / wishes.size())));
        }
        return trials;
    }

    private static PressTrial made(Wish wish, Progress progress) {
        PressSheet sheet = wish.sheet(wish.art(), progress.part(0, 0.2));
        RehearsalRun run = run(sheet, progress.part(0.2, 0.5));
        List<Fault> faults = faults(run.places());
        List<PressTrial.Mended> mends = new ArrayList<>();
        for (PressMend mend : PressMend.of(sheet, wish.widestMm(), faults)) {
            PressArt art = wish.art().with(mend.press().apply(wish.art().press()));
            mends.add(
                    new PressTrial.Mended(
                            mend, run(wish.sheet(art, Progress.SILENT), progress.part(0.5, 1))));
        }
        return new PressTrial(
                wish.goods(),
                sheet.terms().trap().registerMm(),
                sheet.factor(),
                sheet.origin(),
                run,
                mends);
    }

    /** What fails whatever was tried is tried with bolder or thinner lines, drawn anew. */
    private static List<PressTrial> weighed(
            Pipeline pipeline,
            Drawing drawing,
            List<WantedGoods> printed,
            List<PressTrial> trials,
            Progress progress)
            throws PictureException {
        List<PressTrial> all = new ArrayList<>();
        for (int i = 0; i < trials.size(); i++) {
            PressTrial trial = trials.get(i);
            List<PressTrial.Mended> mends = new ArrayList<>(trial.mends());
            WantedGoods goods = printed.get(i);
            for (PressMend mend : PressMend.weights(trial, drawing, goods.weightsKept())) {
                Pipeline apart = pipeline.apart();
                Drawing made = apart.run(mend.in(drawing.job()), progress);
                GoodsDrawing on = GoodsDrawing.of(apart, made, goods, progress);
                PressArt art = PressArt.of(on.drawing()).on(goods.goods());
                PressSheet sheet = PressSheet.of(art, Optional.of(on.fit()), progress);
                mends.add(new PressTrial.Mended(mend, run(sheet, progress)));
            }
            all.add(trial.with(mends));
        }
        return all;
    }

    private static List<Fault> faults(List<FaultPlace> places) {
        return places.stream().map(FaultPlace::fault).distinct().toList();
    }

    /** Goods as far as they change what is printed. */
    private static WantedGoods plain(WantedGoods one) {
        return one.withCosts(Costs.UNKNOWN).withOwed(List.of()).withMaker("").withPieces(0);
    }

    private static RehearsalRun run(PressSheet sheet, Progress progress) {
        return SheetRehearsals.run(
                sheet.plan(),
                SHEETS,
                PressRecipe.of(sheet.terms().trap().registerMm(), SEED),
                sofar -> {},
                progress);
    }
}
