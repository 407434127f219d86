package neattrace.job.setting;

import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import neattrace.job.Job;
import neattrace.raster.Resolution;
import neattrace.sheet.DecisionRecipe;
import neattrace.sheet.DecisionRecipe.Method;
import neattrace.sheet.FrameRecipe;
import neattrace.sheet.LightRecipe;
import neattrace.sheet.PencilRecipe;
import neattrace.sheet.SharpenRecipe;
import neattrace.sheet.SpeckRecipe;

/** What can be set about the sheet. */
public final class SheetSettings {

    private static final double LEVELS = 255;

    public static final Quantity TILT =
            Quantity.of(
                    "tilt",
                    "Tilt",
                    "°",
                    -FrameRecipe.MOST_TILT,
                    FrameRecipe.MOST_TILT,
                    0.01,
                    job -> job.recipe().frame().tiltDegrees(),
                    (job, v) -> frame(job, job.recipe().frame().withTilt(v)));

    public static final Quantity ENLARGE =
            Quantity.of(
                    "enlarge",
                    "Enlarged",
                    "×",
                    1,
                    FrameRecipe.MOST_ENLARGED,
                    1,
                    job -> job.recipe().frame().enlarge(),
                    (job, v) -> frame(job, job.recipe().frame().withEnlarge(Quantity.whole(v))));

    public static final Quantity PPI =
            Quantity.of(
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
            Quantity.of(
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
            Quantity.of(
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
            Quantity.of(
                    "faint",
                    "Faint lines are kept",
                    "%",
                    0,
                    100,
                    1,
                    job -> job.recipe().light().faint(),
                    (job, v) -> light(job, job.recipe().light().withFaint(v)));

    public static final Quantity OPEN =
            Quantity.of(
                    "open",
                    "Dense hatching stays open",
                    "%",
                    0,
                    100,
                    1,
                    job -> job.recipe().light().open(),
                    (job, v) -> light(job, job.recipe().light().withOpen(v)));

    public static final Quantity SHARPEN_PASSES =
            Quantity.of(
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
                                        Quantity.whole(v),
                                        now.percent(),
                                        now.radiusMm(),
                                        now.grainPercent()));
                    });

    public static final Quantity SHARPEN_STRENGTH =
            Quantity.of(
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
            Quantity.of(
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
            Quantity.of(
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
            Quantity.of(
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
            Quantity.of(
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
            Quantity.of(
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
            Quantity.of(
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
            Quantity.of(
                            "pinhole-size",
                            "Pinhole size",
                            "mm",
                            0,
                            SpeckRecipe.MOST_MM,
                            0.05,
                            job -> job.recipe().specks().pinholeMm(),
                            (job, v) -> specks(job, job.recipe().specks().withPinholeMm(v)))
                    .orAuto(SpeckRecipe.BY_SCAN);

    /** All of them. */
    static final List<Setting> ALL =
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
                    PINHOLES);

    private SheetSettings() {}

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
}
