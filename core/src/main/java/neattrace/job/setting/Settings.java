package neattrace.job.setting;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.BiFunction;
import java.util.function.ToDoubleFunction;
import neattrace.flat.FlatLimits;
import neattrace.flat.FlatRecipe;
import neattrace.job.Job;
import neattrace.press.BlackRule;
import neattrace.raster.Resolution;
import neattrace.region.CloseSettings;
import neattrace.region.Mend;
import neattrace.sheet.DecisionRecipe;
import neattrace.sheet.DecisionRecipe.Method;
import neattrace.sheet.FrameRecipe;
import neattrace.sheet.LightRecipe;
import neattrace.sheet.PencilRecipe;
import neattrace.sheet.SharpenRecipe;
import neattrace.sheet.SpeckRecipe;
import neattrace.trace.LineLimits;
import neattrace.trace.WeightRecipe;

/** All that can be set in a job by a number or a choice, station by station. */
public final class Settings {

    private static final double LEAST_EVEN_MM = 0.05;
    private static final double LEVELS = 255;

    public static final Quantity TILT =
            quantity(
                    "tilt",
                    "Tilt",
                    "°",
                    -FrameRecipe.MOST_TILT,
                    FrameRecipe.MOST_TILT,
                    0.01,
                    job -> job.recipe().frame().tiltDegrees(),
                    (job, v) -> frame(job, job.recipe().frame().withTilt(v)));

    public static final Quantity ENLARGE =
            quantity(
                    "enlarge",
                    "Enlarged",
                    "×",
                    1,
                    FrameRecipe.MOST_ENLARGED,
                    1,
                    job -> job.recipe().frame().enlarge(),
                    (job, v) -> frame(job, job.recipe().frame().withEnlarge(whole(v))));

    public static final Quantity PPI =
            quantity(
                            "ppi",
                            "Resolution",
                            "ppi",
                            Resolution.LEAST_PPI,
                            Resolution.MOST_PPI,
                            50,
                            Job::ppi,
                            Job::withPpi)
                    .orAuto(0);

    public static final Option<PencilRecipe.Use> PENCIL_USE =
            new Option<>(
                    "pencil-use",
                    "Under-drawing",
                    List.of(PencilRecipe.Use.NONE, PencilRecipe.Use.DROP, PencilRecipe.Use.KEEP),
                    use ->
                            switch (use) {
                                case NONE -> "counts as grey";
                                case DROP -> "is dropped";
                                case KEEP -> "is all that stays";
                            },
                    job -> job.recipe().pencil().use(),
                    (job, use) ->
                            pencil(job, new PencilRecipe(use, job.recipe().pencil().colour())));

    public static final Option<PencilRecipe.Colour> PENCIL_COLOUR =
            new Option<>(
                    "pencil-colour",
                    "Pencil",
                    Arrays.asList(PencilRecipe.Colour.values()),
                    colour -> colour.name().toLowerCase(Locale.ROOT),
                    job -> job.recipe().pencil().colour(),
                    (job, colour) ->
                            pencil(job, new PencilRecipe(job.recipe().pencil().use(), colour)));

    public static final Option<Boolean> NEGATIVE =
            new Option<>(
                    "negative",
                    "Dark and light",
                    List.of(false, true),
                    on -> on ? "white on black" : "dark on light",
                    job -> job.recipe().negative(),
                    (job, on) -> job.withRecipe(job.recipe().withNegative(on)));

    public static final Option<Boolean> EVEN_LIGHT =
            new Option<>(
                    "light-even",
                    "Uneven light",
                    List.of(true, false),
                    on -> on ? "evened out" : "left as it is",
                    job -> job.recipe().light().even(),
                    (job, on) -> light(job, job.recipe().light().withEven(on)));

    public static final Quantity PAPER_WHITE =
            quantity(
                            "paper-white",
                            "Paper white",
                            "",
                            0,
                            LEVELS,
                            1,
                            job -> job.recipe().light().paper(),
                            (job, v) -> light(job, job.recipe().light().withPaper(v)))
                    .orAuto(LightRecipe.MEASURED);

    public static final Quantity INK_BLACK =
            quantity(
                            "ink-black",
                            "Ink black",
                            "",
                            0,
                            LEVELS,
                            1,
                            job -> job.recipe().light().ink(),
                            (job, v) -> light(job, job.recipe().light().withInk(v)))
                    .orAuto(LightRecipe.MEASURED);

    public static final Quantity FAINT =
            quantity(
                    "faint",
                    "Faint lines are kept",
                    "%",
                    0,
                    100,
                    1,
                    job -> job.recipe().light().faint(),
                    (job, v) -> light(job, job.recipe().light().withFaint(v)));

    public static final Quantity OPEN =
            quantity(
                    "open",
                    "Dense hatching stays open",
                    "%",
                    0,
                    100,
                    1,
                    job -> job.recipe().light().open(),
                    (job, v) -> light(job, job.recipe().light().withOpen(v)));

    public static final Quantity SHARPEN_PASSES =
            quantity(
                    "sharpen-passes",
                    "Passes",
                    "",
                    0,
                    SharpenRecipe.MOST_PASSES,
                    1,
                    job -> job.recipe().sharpen().passes(),
                    (job, v) -> {
                        SharpenRecipe now = job.recipe().sharpen();
                        return sharpen(
                                job,
                                new SharpenRecipe(
                                        whole(v),
                                        now.percent(),
                                        now.radiusMm(),
                                        now.grainPercent()));
                    });

    public static final Quantity SHARPEN_STRENGTH =
            quantity(
                    "sharpen-strength",
                    "Strength of a pass",
                    "%",
                    0,
                    SharpenRecipe.MOST_PERCENT,
                    1,
                    job -> job.recipe().sharpen().percent(),
                    (job, v) -> {
                        SharpenRecipe now = job.recipe().sharpen();
                        return sharpen(
                                job,
                                new SharpenRecipe(
                                        Math.max(1, now.passes()),
                                        v,
                                        now.radiusMm(),
                                        now.grainPercent()));
                    });

    public static final Quantity SHARPEN_RADIUS =
            quantity(
                    "sharpen-radius",
                    "Radius",
                    "mm",
                    SharpenRecipe.LEAST_RADIUS_MM,
                    SharpenRecipe.MOST_RADIUS_MM,
                    0.01,
                    job -> job.recipe().sharpen().radiusMm(),
                    (job, v) -> {
                        SharpenRecipe now = job.recipe().sharpen();
                        return sharpen(
                                job,
                                new SharpenRecipe(
                                        now.passes(), now.percent(), v, now.grainPercent()));
                    });

    public static final Quantity SHARPEN_GRAIN =
            quantity(
                    "sharpen-grain",
                    "Grain",
                    "%",
                    0,
                    SharpenRecipe.MOST_GRAIN,
                    1,
                    job -> job.recipe().sharpen().grainPercent(),
                    (job, v) -> {
                        SharpenRecipe now = job.recipe().sharpen();
                        return sharpen(
                                job,
                                new SharpenRecipe(now.passes(), now.percent(), now.radiusMm(), v));
                    });

    public static final Quantity INK_THRESHOLD =
            quantity(
                            "ink-threshold",
                            "Ink threshold",
                            "%",
                            DecisionRecipe.LEAST_PERCENT,
                            DecisionRecipe.MOST_PERCENT,
                            1,
                            job -> job.recipe().decision().inkPercent(),
                            (job, v) -> decision(job, job.recipe().decision().withInkPercent(v)))
                    .orAuto(DecisionRecipe.CALM);

    public static final Option<Method> METHOD =
            new Option<>(
                    "method",
                    "Method",
                    List.of(Method.ONE, Method.ADAPTIVE),
                    method -> method == Method.ONE ? "one threshold" : "neighbourhoods",
                    job -> job.recipe().decision().method(),
                    (job, method) -> decision(job, job.recipe().decision().withMethod(method)));

    public static final Quantity WINDOW =
            quantity(
                    "window",
                    "Window",
                    "mm",
                    DecisionRecipe.LEAST_WINDOW_MM,
                    DecisionRecipe.MOST_WINDOW_MM,
                    0.5,
                    job -> job.recipe().decision().windowMm(),
                    (job, v) -> {
                        DecisionRecipe now = job.recipe().decision();
                        return decision(job, now.withWindow(v, now.k()));
                    });

    public static final Quantity WINDOW_WEIGHT =
            quantity(
                    "window-weight",
                    "Weight",
                    "",
                    0,
                    1,
                    0.02,
                    job -> job.recipe().decision().k(),
                    (job, v) -> {
                        DecisionRecipe now = job.recipe().decision();
                        return decision(job, now.withWindow(now.windowMm(), v));
                    });

    public static final Quantity DUST =
            quantity(
                            "speck-size",
                            "Dust size",
                            "mm",
                            0,
                            SpeckRecipe.MOST_MM,
                            0.05,
                            job -> job.recipe().specks().dustMm(),
                            (job, v) -> specks(job, job.recipe().specks().withDustMm(v)))
                    .orAuto(SpeckRecipe.BY_SCAN);

    public static final Quantity PINHOLES =
            quantity(
                            "pinhole-size",
                            "Pinhole size",
                            "mm",
                            0,
                            SpeckRecipe.MOST_MM,
                            0.05,
                            job -> job.recipe().specks().pinholeMm(),
                            (job, v) -> specks(job, job.recipe().specks().withPinholeMm(v)))
                    .orAuto(SpeckRecipe.BY_SCAN);

    public static final Quantity WEIGHT_EVEN =
            quantity(
                            "weight-even-mm",
                            "Weight of all lines",
                            "mm",
                            LEAST_EVEN_MM,
                            WeightRecipe.MOST_MM,
                            0.05,
                            job -> job.line().weight().evenMm(),
                            (job, v) -> weight(job, job.line().weight().withEvenMm(v)))
                    .orAuto(0);

    /** How much bolder all lines are; thinner if negative. */
    public static final Quantity WEIGHT_ALL =
            quantity(
                    "weight-all",
                    "Change of all lines",
                    "mm",
                    -WeightRecipe.MOST_MM,
                    WeightRecipe.MOST_MM,
                    0.05,
                    job -> job.line().weight().allMm(),
                    (job, v) -> weight(job, job.line().weight().withAllMm(v)));

    public static final Quantity WEIGHT_OUTSIDE =
            quantity(
                    "weight-outside",
                    "Bolder outside",
                    "mm",
                    0,
                    WeightRecipe.MOST_MM,
                    0.1,
                    job -> job.line().weight().outsideMm(),
                    (job, v) -> weight(job, job.line().weight().withOutsideMm(v)));

    public static final Quantity TAPER =
            quantity(
                    "weight-taper",
                    "Taper",
                    "%",
                    0,
                    100,
                    5,
                    job -> Math.round(job.line().weight().taperShare() * 100),
                    (job, v) -> weight(job, job.line().weight().withTaperShare(v / 100)));

    public static final Quantity LEAST_LINE =
            quantity(
                    "limit-line",
                    "Thinnest line",
                    "mm",
                    0,
                    LineLimits.MOST_MM,
                    0.05,
                    job -> job.line().limits().leastLineMm(),
                    (job, v) -> limits(job, job.line().limits().withLeastLineMm(v)));

    public static final Quantity LEAST_GAP =
            quantity(
                    "limit-gap",
                    "Narrowest gap",
                    "mm",
                    0,
                    LineLimits.MOST_MM,
                    0.05,
                    job -> job.line().limits().leastGapMm(),
                    (job, v) -> limits(job, job.line().limits().withLeastGapMm(v)));

    public static final Quantity VIEWING =
            quantity(
                    "limit-viewing",
                    "Viewing distance",
                    "mm",
                    LineLimits.NEAREST_MM,
                    LineLimits.FARTHEST_MM,
                    100,
                    job -> job.line().limits().viewingMm(),
                    (job, v) -> limits(job, job.line().limits().withViewingMm(v)));

    public static final Quantity GAP =
            quantity(
                            "gap-width",
                            "Gap width",
                            "mm",
                            0,
                            CloseSettings.WIDEST_GAP_MM,
                            0.1,
                            job -> job.close().gapMm(),
                            (job, v) -> job.withClose(job.close().withGapMm(v)))
                    .orAuto(CloseSettings.AUTOMATIC);

    public static final Option<Mend> MEND =
            new Option<>(
                    "mending-way",
                    "How gaps are closed by hand",
                    Arrays.asList(Mend.values()),
                    mend ->
                            switch (mend) {
                                case UNSEEN -> "an unseen line";
                                case INK -> "ink, as the lines are drawn";
                                case RUN_PAST -> "an end that runs on past";
                            },
                    job -> job.close().mend(),
                    (job, mend) -> job.withClose(job.close().withMend(mend)));

    public static final Quantity FRAME_INSET =
            quantity(
                            "frame-inset",
                            "Frame inside the sheet's edge",
                            "mm",
                            0,
                            CloseSettings.WIDEST_FRAME_MM,
                            0.5,
                            job -> job.close().frameMm(),
                            (job, v) -> job.withClose(job.close().withFrameMm(v)))
                    .orAuto(CloseSettings.NO_FRAME);

    public static final Quantity LEAST_AREA =
            quantity(
                    "least-area",
                    "Least width of an area",
                    "mm",
                    0,
                    FlatLimits.MOST_AREA_MM,
                    0.1,
                    job -> job.flat().limits().leastAreaMm(),
                    (job, v) -> flat(job, new FlatLimits(v, job.flat().limits().mostInks())));

    public static final Quantity MOST_INKS =
            quantity(
                    "most-inks",
                    "Most colours",
                    "",
                    0,
                    FlatLimits.MOST_INKS,
                    1,
                    job -> job.flat().limits().mostInks(),
                    (job, v) ->
                            flat(job, new FlatLimits(job.flat().limits().leastAreaMm(), whole(v))));

    public static final Quantity SPREAD =
            quantity(
                    "spread",
                    "Spread",
                    "mm",
                    0,
                    FlatRecipe.MOST_SPREAD_MM,
                    0.005,
                    job -> job.flat().spreadMm(),
                    (job, v) -> job.withFlat(job.flat().withSpreadMm(v)));

    public static final Option<FlatRecipe.Pieces> PIECES =
            new Option<>(
                    "pieces",
                    "Shapes in files",
                    Arrays.asList(FlatRecipe.Pieces.values()),
                    pieces ->
                            switch (pieces) {
                                case UNITED -> "colour";
                                case BY_AREA -> "area";
                                case BY_OBJECT -> "object";
                            },
                    job -> job.flat().pieces(),
                    (job, pieces) -> job.withFlat(job.flat().withPieces(pieces)));

    public static final Option<BlackRule> BLACK =
            new Option<>(
                    "black-rule",
                    "Black",
                    List.of(BlackRule.RICH, BlackRule.K_ONLY),
                    rule ->
                            rule == BlackRule.RICH
                                    ? "rich: " + rule.underlay() + " under K100"
                                    : "black ink alone: K100",
                    Job::black,
                    Job::withBlack);

    /** All of them, in the order of the stations. */
    public static final List<Setting> ALL =
            List.of(
                    TILT,
                    ENLARGE,
                    PPI,
                    PENCIL_USE,
                    PENCIL_COLOUR,
                    NEGATIVE,
                    EVEN_LIGHT,
                    PAPER_WHITE,
                    INK_BLACK,
                    FAINT,
                    OPEN,
                    SHARPEN_PASSES,
                    SHARPEN_STRENGTH,
                    SHARPEN_RADIUS,
                    SHARPEN_GRAIN,
                    INK_THRESHOLD,
                    METHOD,
                    WINDOW,
                    WINDOW_WEIGHT,
                    DUST,
                    PINHOLES,
                    WEIGHT_EVEN,
                    WEIGHT_ALL,
                    WEIGHT_OUTSIDE,
                    TAPER,
                    LEAST_LINE,
                    LEAST_GAP,
                    VIEWING,
                    GAP,
                    MEND,
                    FRAME_INSET,
                    LEAST_AREA,
                    MOST_INKS,
                    SPREAD,
                    PIECES,
                    BLACK);

    private Settings() {}

    /** The setting of a key. */
    public static Optional<Setting> of(String key) {
        return ALL.stream().filter(one -> one.key().equals(key)).findFirst();
    }

    /**
     * A job with settings given as {@code key=value}.
     *
     * @throws IllegalArgumentException if one is not known or out of its range; says what is
     */
    public static Job with(Job job, List<String> given) {
        Job next = job;
        for (String one : given) {
            int equal = one.indexOf('=');
            String key = equal < 0 ? one : one.substring(0, equal);
            Setting setting =
                    of(key.strip())
                            .orElseThrow(
                                    () ->
                                            new IllegalArgumentException(
                                                    "There is no setting “" + key + "”"));
            if (equal < 0) {
                throw new IllegalArgumentException(
                        "“" + key + "” needs a value: " + setting.range());
            }
            next = setting.parsed(next, one.substring(equal + 1));
        }
        return next;
    }

    /** A line for each: key, range, what it is. */
    public static List<String> lines() {
        List<String> lines = new ArrayList<>();
        for (Setting setting : ALL) {
            lines.add(
                    String.format(
                            Locale.ROOT,
                            "%-17s %s: %s",
                            setting.key(),
                            setting.name(),
                            setting.range()));
        }
        return lines;
    }

    private static Quantity quantity(
            String key,
            String name,
            String unit,
            double least,
            double most,
            double step,
            ToDoubleFunction<Job> get,
            BiFunction<Job, Double, Job> set) {
        return new Quantity(key, name, unit, least, most, step, OptionalDouble.empty(), get, set);
    }

    private static int whole(double value) {
        return (int) Math.rint(value);
    }

    private static Job frame(Job job, FrameRecipe next) {
        return job.withRecipe(job.recipe().withFrame(next));
    }

    private static Job pencil(Job job, PencilRecipe next) {
        return job.withRecipe(job.recipe().withPencil(next));
    }

    private static Job light(Job job, LightRecipe next) {
        return job.withRecipe(job.recipe().withLight(next));
    }

    private static Job sharpen(Job job, SharpenRecipe next) {
        return job.withRecipe(job.recipe().withSharpen(next));
    }

    private static Job decision(Job job, DecisionRecipe next) {
        return job.withRecipe(job.recipe().withDecision(next));
    }

    private static Job specks(Job job, SpeckRecipe next) {
        return job.withRecipe(job.recipe().withSpecks(next));
    }

    private static Job weight(Job job, WeightRecipe next) {
        return job.withLine(job.line().withWeight(next));
    }

    private static Job limits(Job job, LineLimits next) {
        return job.withLine(job.line().withLimits(next));
    }

    private static Job flat(Job job, FlatLimits next) {
        return job.withFlat(job.flat().withLimits(next));
    }
}
