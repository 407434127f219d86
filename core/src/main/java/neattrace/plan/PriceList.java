package neattrace.plan;

import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.TreeSet;
import neattrace.goods.Costs;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;

/**
 * What goods cost and should bring, at several quantities.
 *
 * @param onSheet pieces that fit on a sheet; 0 if none does
 * @param rows quantity by quantity, the smallest first; none if none fits
 */
public record PriceList(int onSheet, List<Row> rows) {

    /** Quantities that orders usually have (common practice, no source). */
    private static final int[] USUAL = {1, 10, 25, 50, 100, 250};

    private static final double MINUTES_AN_HOUR = 60;
    private static final double PERCENT = 100;
    private static final double CENTS = 100;

    public PriceList {
        rows = List.copyOf(rows);
    }

    /**
     * A quantity.
     *
     * @param pieces how many
     * @param sheets that they take
     * @param setUp once for all, inks included
     * @param material for all
     * @param work for all
     * @param post for all
     * @param cost for all
     * @param costEach a piece
     * @param priceEach a piece, with what is added, in full hundredths and never rounded down
     */
    public record Row(
            int pieces,
            int sheets,
            double setUp,
            double material,
            double work,
            double post,
            double cost,
            double costEach,
            double priceEach) {}

    /**
     * A list.
     *
     * @param inks that are a screen each; 0 where colours cost nothing
     * @param widthMm of a piece
     * @param heightMm of a piece
     * @param wanted a quantity besides the usual ones; 0 for none
     */
    public static PriceList of(Costs costs, int inks, double widthMm, double heightMm, int wanted) {
        int onSheet = costs.onSheet(widthMm, heightMm);
        if (onSheet == 0) {
            return new PriceList(0, List.of());
        }
        TreeSet<Integer> quantities = new TreeSet<>();
        for (int usual : USUAL) {
            quantities.add(usual);
        }
        if (wanted > 0) {
            quantities.add(wanted);
        }
        List<Row> rows = new ArrayList<>();
        for (int pieces : quantities) {
            rows.add(row(costs, inks, onSheet, pieces));
        }
        return new PriceList(onSheet, rows);
    }

    private static Row row(Costs costs, int inks, int onSheet, int pieces) {
        int sheets = (pieces + onSheet - 1) / onSheet;
        double setUp = costs.setUp() + costs.perInk() * inks;
        double material = costs.material() * sheets;
        double work = costs.hourly() * (costs.hours() + costs.minutes() * pieces / MINUTES_AN_HOUR);
        double cost = setUp + material + work + costs.post();
        double each = cost / pieces;
        double price = each * (1 + costs.markup() / PERCENT);
        return new Row(
                pieces, sheets, setUp, material, work, costs.post(), cost, each, roundedUp(price));
    }

    /** To hundredths; what is a hundredth already but for the arithmetic stays one. */
    private static double roundedUp(double price) {
        double nothing = 1e-6;
        return Math.max(0, Math.ceil(price * CENTS - nothing) / CENTS);
    }

    /** As CSV (RFC 4180) with a line of names, numbers with a point and two decimals. */
    public void write(Appendable out) throws IOException {
        CSVFormat format =
                CSVFormat.RFC4180
                        .builder()
                        .setHeader(
                                "pieces",
                                "sheets",
                                "set-up",
                                "material",
                                "work",
                                "post",
                                "cost",
                                "cost each",
                                "price each")
                        .get();
        try (CSVPrinter printer = new CSVPrinter(out, format)) {
            for (Row row : rows) {
                printer.printRecord(
                        row.pieces(),
                        row.sheets(),
                        money(row.setUp()),
                        money(row.material()),
                        money(row.work()),
                        money(row.post()),
                        money(row.cost()),
                        money(row.costEach()),
                        money(row.priceEach()));
            }
        }
    }

    private static String money(double sum) {
        return String.format(Locale.ROOT, "%.2f", sum);
    }
}
