package neattrace.job.setting;

import java.util.function.BiFunction;
import java.util.function.ToDoubleFunction;
import neattrace.goods.Costs;
import neattrace.goods.Edges;
import neattrace.job.Job;
import neattrace.job.WantedGoods;

/** What can be set about the costs of goods of a job, by their id. */
public final class CostSettings {

    private static final double[] MONEY = {0, Costs.MOST_MONEY, 1};
    private static final double[] TIME = {0, Costs.MOST_TIME, 0.5};
    private static final double[] SHEET = {0, Costs.MOST_SHEET_MM, 10};

    private final int id;

    private CostSettings(int id) {
        this.id = id;
    }

    /** What can be set about the costs of the goods with an id. */
    public static CostSettings of(int id) {
        return new CostSettings(id);
    }

    /** Paid once for an order. */
    public Quantity setUp() {
        return quantity("set-up", "Set-up", "", MONEY, Costs::setUp, Costs::withSetUp);
    }

    /** Paid once for each ink. */
    public Quantity perInk() {
        return quantity("per-ink", "Set-up of an ink", "", MONEY, Costs::perInk, Costs::withPerInk);
    }

    /** What a sheet or a blank costs. */
    public Quantity material() {
        return quantity(
                "material", "Sheet or blank", "", MONEY, Costs::material, Costs::withMaterial);
    }

    /** Width of a sheet; 0 if pieces are bought singly. */
    public Quantity sheetWidth() {
        return quantity(
                "sheet-width",
                "Width of a sheet",
                "mm",
                SHEET,
                Costs::sheetWidthMm,
                Costs::withSheetWidthMm);
    }

    /** Height of a sheet. */
    public Quantity sheetHeight() {
        return quantity(
                "sheet-height",
                "Height of a sheet",
                "mm",
                SHEET,
                Costs::sheetHeightMm,
                Costs::withSheetHeightMm);
    }

    /** Room between pieces. */
    public Quantity spacing() {
        return quantity(
                "spacing",
                "Between pieces",
                "mm",
                new double[] {0, Edges.MOST_MM, 0.5},
                Costs::spacingMm,
                Costs::withSpacingMm);
    }

    /** One's own hours for an order. */
    public Quantity hours() {
        return quantity("hours", "Hours of work", "h", TIME, Costs::hours, Costs::withHours);
    }

    /** One's own minutes for a piece. */
    public Quantity minutes() {
        return quantity(
                "minutes", "Minutes a piece", "min", TIME, Costs::minutes, Costs::withMinutes);
    }

    /** What an hour is worth. */
    public Quantity hourly() {
        return quantity("hourly", "An hour", "", MONEY, Costs::hourly, Costs::withHourly);
    }

    /** Post for an order. */
    public Quantity post() {
        return quantity("post", "Post", "", MONEY, Costs::post, Costs::withPost);
    }

    /** What is added to cost. */
    public Quantity markup() {
        return quantity(
                "markup",
                "Added to cost",
                "%",
                new double[] {0, Costs.MOST_MARKUP, 10},
                Costs::markup,
                Costs::withMarkup);
    }

    private Quantity quantity(
            String what,
            String name,
            String unit,
            double[] range,
            ToDoubleFunction<Costs> get,
            BiFunction<Costs, Double, Costs> put) {
        return Quantity.of(
                "cost-" + what + "-" + id,
                name,
                unit,
                range[0],
                range[1],
                range[2],
                job -> get.applyAsDouble(costs(job)),
                (job, v) -> with(job, put.apply(costs(job), v)));
    }

    private Costs costs(Job job) {
        return job.goods().of(id).map(WantedGoods::costs).orElse(Costs.UNKNOWN);
    }

    private Job with(Job job, Costs costs) {
        return job.changed(id, one -> one.withCosts(costs));
    }
}
