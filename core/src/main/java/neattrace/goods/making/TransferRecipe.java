package neattrace.goods.making;

import java.util.List;
import java.util.function.UnaryOperator;
import neattrace.geom.OnPage;
import neattrace.geom.Point;
import neattrace.goods.PaperSize;

/**
 * How a transfer stencil is drawn, mm on the sheet that is used.
 *
 * @param weightMm of all lines
 * @param outsideMm of those round the outside, and of inner edges that were chosen
 * @param edges places on inner edges that are as bold as the outside, mm on the drawing's page
 * @param dropped places of details that were taken out, mm on the drawing's page
 * @param mirrored whether it is laid face down
 * @param colour of the lines
 * @param sheetWidthMm of the paper it is printed on; a larger stencil takes several
 * @param sheetHeightMm of that paper
 * @param overlapMm of neighbouring sheets
 * @param guide whether a guide sheet goes with it
 */
public record TransferRecipe(
        double weightMm,
        double outsideMm,
        List<Point> edges,
        List<Point> dropped,
        boolean mirrored,
        Colour colour,
        double sheetWidthMm,
        double sheetHeightMm,
        double overlapMm,
        boolean guide)
        implements OnPage<TransferRecipe> {

    /** What lines are drawn in; over dark references colours are seen better. */
    public enum Colour {
        BLACK("black", "black"),
        RED("red", "red"),
        BLUE("blue", "blue"),
        GREEN("green", "green");

        private final String key;
        private final String label;

        Colour(String key, String label) {
            this.key = key;
            this.label = label;
        }

        /** As it is written in files. */
        public String key() {
            return key;
        }

        /** In a person's words. */
        public String label() {
            return label;
        }
    }

    /** As is usual (common practice, no source). */
    public static final TransferRecipe USUAL =
            new TransferRecipe(
                    0.6,
                    1.1,
                    List.of(),
                    List.of(),
                    false,
                    Colour.BLACK,
                    PaperSize.A4.widthMm(),
                    PaperSize.A4.heightMm(),
                    10,
                    false);

    public TransferRecipe {
        edges = List.copyOf(edges);
        dropped = List.copyOf(dropped);
        if (!(weightMm >= 0.1 && weightMm <= 10)) {
            throw new IllegalArgumentException("lines of a stencil have 0.1 to 10 mm");
        }
        if (!(outsideMm >= weightMm && outsideMm <= 10)) {
            throw new IllegalArgumentException(
                    "the outside is as bold as other lines or bolder, up to 10 mm");
        }
        if (!(sheetWidthMm >= 50 && sheetHeightMm >= 50)) {
            throw new IllegalArgumentException("a sheet is at least 50 mm wide and high");
        }
        if (!(overlapMm >= 0 && overlapMm <= 40)) {
            throw new IllegalArgumentException("sheets overlap by 0 to 40 mm");
        }
    }

    public TransferRecipe withWeightMm(double value) {
        return new TransferRecipe(
                value,
                outsideMm,
                edges,
                dropped,
                mirrored,
                colour,
                sheetWidthMm,
                sheetHeightMm,
                overlapMm,
                guide);
    }

    public TransferRecipe withOutsideMm(double value) {
        return new TransferRecipe(
                weightMm,
                value,
                edges,
                dropped,
                mirrored,
                colour,
                sheetWidthMm,
                sheetHeightMm,
                overlapMm,
                guide);
    }

    public TransferRecipe withEdges(List<Point> value) {
        return new TransferRecipe(
                weightMm,
                outsideMm,
                value,
                dropped,
                mirrored,
                colour,
                sheetWidthMm,
                sheetHeightMm,
                overlapMm,
                guide);
    }

    public TransferRecipe withDropped(List<Point> value) {
        return new TransferRecipe(
                weightMm,
                outsideMm,
                edges,
                value,
                mirrored,
                colour,
                sheetWidthMm,
                sheetHeightMm,
                overlapMm,
                guide);
    }

    public TransferRecipe withMirrored(boolean value) {
        return new TransferRecipe(
                weightMm,
                outsideMm,
                edges,
                dropped,
                value,
                colour,
                sheetWidthMm,
                sheetHeightMm,
                overlapMm,
                guide);
    }

    public TransferRecipe withColour(Colour value) {
        return new TransferRecipe(
                weightMm,
                outsideMm,
                edges,
                dropped,
                mirrored,
                value,
                sheetWidthMm,
                sheetHeightMm,
                overlapMm,
                guide);
    }

    public TransferRecipe withSheetWidthMm(double value) {
        return new TransferRecipe(
                weightMm,
                outsideMm,
                edges,
                dropped,
                mirrored,
                colour,
                value,
                sheetHeightMm,
                overlapMm,
                guide);
    }

    public TransferRecipe withSheetHeightMm(double value) {
        return new TransferRecipe(
                weightMm,
                outsideMm,
                edges,
                dropped,
                mirrored,
                colour,
                sheetWidthMm,
                value,
                overlapMm,
                guide);
    }

    public TransferRecipe withGuide(boolean value) {
        return new TransferRecipe(
                weightMm,
                outsideMm,
                edges,
                dropped,
                mirrored,
                colour,
                sheetWidthMm,
                sheetHeightMm,
                overlapMm,
                value);
    }

    @Override
    public TransferRecipe moved(UnaryOperator<Point> map, double growth) {
        return withEdges(edges.stream().map(map).toList())
                .withDropped(dropped.stream().map(map).toList());
    }
}
