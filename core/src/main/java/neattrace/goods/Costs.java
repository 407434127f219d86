package neattrace.goods;

/**
 * What it costs to have goods made, by a person's own figures, in the person's own money.
 *
 * @param setUp paid once for an order
 * @param perInk paid once for each ink that is a screen
 * @param sheetWidthMm width of the sheet or roll they are made from; 0 if each is bought singly
 * @param sheetHeightMm its height
 * @param spacingMm room between pieces on it
 * @param material what a sheet costs, or a single blank
 * @param hours of one's own for the whole order
 * @param minutes of one's own for each piece
 * @param hourly what an hour is worth
 * @param post for an order
 * @param markup what is added to cost for the price, percent
 */
public record Costs(
        double setUp,
        double perInk,
        double sheetWidthMm,
        double sheetHeightMm,
        double spacingMm,
        double material,
        double hours,
        double minutes,
        double hourly,
        double post,
        double markup) {

    /** Nobody has said. */
    public static final Costs UNKNOWN = new Costs(0, 0, 0, 0, 3, 0, 0, 0, 0, 0, 0);

    /** No sum is larger. */
    public static final double MOST_MONEY = 1_000_000;

    /** No sheet is larger, mm. */
    public static final double MOST_SHEET_MM = 20_000;

    /** Nobody puts in more, hours or minutes. */
    public static final double MOST_TIME = 10_000;

    /** Nobody adds more, percent. */
    public static final double MOST_MARKUP = 10_000;

    public Costs {
        Range.check("the set-up", setUp, 0, MOST_MONEY, "");
        Range.check("the set-up of an ink", perInk, 0, MOST_MONEY, "");
        Range.check("the sheet's width", sheetWidthMm, 0, MOST_SHEET_MM, "mm");
        Range.check("the sheet's height", sheetHeightMm, 0, MOST_SHEET_MM, "mm");
        Range.check("the spacing", spacingMm, 0, Edges.MOST_MM, "mm");
        Range.check("the material", material, 0, MOST_MONEY, "");
        Range.check("hours", hours, 0, MOST_TIME, "");
        Range.check("minutes", minutes, 0, MOST_TIME, "");
        Range.check("the hour", hourly, 0, MOST_MONEY, "");
        Range.check("the post", post, 0, MOST_MONEY, "");
        Range.check("what is added", markup, 0, MOST_MARKUP, "%");
    }

    /**
     * How many pieces fit on a sheet in rows, all one way or all turned by a quarter, whichever is
     * more; 1 if they are bought singly, 0 if one is larger than the sheet.
     *
     * @param widthMm of a piece
     * @param heightMm of a piece
     */
    public int onSheet(double widthMm, double heightMm) {
        if (sheetWidthMm == 0 || sheetHeightMm == 0) {
            return 1;
        }
        return Math.max(rows(widthMm, heightMm), rows(heightMm, widthMm));
    }

    private int rows(double wide, double high) {
        return along(sheetWidthMm, wide) * along(sheetHeightMm, high);
    }

    /** The last piece needs no room behind it. */
    private int along(double sheet, double piece) {
        double nothing = 1e-9;
        return (int) Math.floor((sheet + spacingMm) / (piece + spacingMm) + nothing);
    }

    public Costs withSetUp(double value) {
        return new Costs(
                value,
                perInk,
                sheetWidthMm,
                sheetHeightMm,
                spacingMm,
                material,
                hours,
                minutes,
                hourly,
                post,
                markup);
    }

    public Costs withPerInk(double value) {
        return new Costs(
                setUp,
                value,
                sheetWidthMm,
                sheetHeightMm,
                spacingMm,
                material,
                hours,
                minutes,
                hourly,
                post,
                markup);
    }

    public Costs withSheetWidthMm(double value) {
        return new Costs(
                setUp,
                perInk,
                value,
                sheetHeightMm,
                spacingMm,
                material,
                hours,
                minutes,
                hourly,
                post,
                markup);
    }

    public Costs withSheetHeightMm(double value) {
        return new Costs(
                setUp,
                perInk,
                sheetWidthMm,
                value,
                spacingMm,
                material,
                hours,
                minutes,
                hourly,
                post,
                markup);
    }

    public Costs withSpacingMm(double value) {
        return new Costs(
                setUp,
                perInk,
                sheetWidthMm,
                sheetHeightMm,
                value,
                material,
                hours,
                minutes,
                hourly,
                post,
                markup);
    }

    public Costs withMaterial(double value) {
        return new Costs(
                setUp,
                perInk,
                sheetWidthMm,
                sheetHeightMm,
                spacingMm,
                value,
                hours,
                minutes,
                hourly,
                post,
                markup);
    }

    public Costs withHours(double value) {
        return new Costs(
                setUp,
                perInk,
                sheetWidthMm,
                sheetHeightMm,
                spacingMm,
                material,
                value,
                minutes,
                hourly,
                post,
                markup);
    }

    public Costs withMinutes(double value) {
        return new Costs(
                setUp,
                perInk,
                sheetWidthMm,
                sheetHeightMm,
                spacingMm,
                material,
                hours,
                value,
                hourly,
                post,
                markup);
    }

    public Costs withHourly(double value) {
        return new Costs(
                setUp,
                perInk,
                sheetWidthMm,
                sheetHeightMm,
                spacingMm,
                material,
                hours,
                minutes,
                value,
                post,
                markup);
    }

    public Costs withPost(double value) {
        return new Costs(
                setUp,
                perInk,
                sheetWidthMm,
                sheetHeightMm,
                spacingMm,
                material,
                hours,
                minutes,
                hourly,
                value,
                markup);
    }

    public Costs withMarkup(double value) {
        return new Costs(
                setUp,
                perInk,
                sheetWidthMm,
                sheetHeightMm,
                spacingMm,
                material,
                hours,
                minutes,
                hourly,
                post,
                value);
    }
}
