package neattrace.goods.sheet;

import java.util.ArrayList;
import java.util.List;
import neattrace.goods.cut.CutInks;
import neattrace.goods.nest.NestSheet;
import neattrace.press.Cmyk;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;

/**
 * What all sheets of a range share, so that titles, shop line and numbers stand in the same place.
 * Lengths in mm.
 *
 * @param name such as "Harbour range"
 * @param widthMm of the sheet
 * @param heightMm its height
 * @param rimMm cuts keep so far from its edges
 * @param gapMm from cut to cut
 * @param ground the colour of the sheet's background; nothing is printed if it is bare
 * @param header along the top, with the title at its left and the number at its right
 * @param footer along the foot, with the shop line in its middle
 * @param shop what is written in the footer
 * @param kept places where no sticker may lie
 * @param inks what its cut lines are called in files of inks
 */
public record SheetLayout(
        String name,
        double widthMm,
        double heightMm,
        double rimMm,
        double gapMm,
        Cmyk ground,
        Strip header,
        Strip footer,
        String shop,
        List<Envelope> kept,
        CutInks inks) {

    /** A4 with no strips, as is usual for vinyl (common practice, no source). */
    public static final SheetLayout USUAL =
            new SheetLayout(
                    "Usual",
                    210,
                    297,
                    8,
                    3,
                    new Cmyk(0, 0, 0, 0),
                    Strip.NONE,
                    Strip.NONE,
                    "",
                    List.of(),
                    CutInks.USUAL);

    /** Of what is written. */
    public static final int LONGEST = 200;

    /** No sheet is larger. */
    public static final double MOST_MM = NestSheet.MOST_MM;

    private static final double LEAST_MM = 10;

    public SheetLayout {
        kept = List.copyOf(kept);
        name = name.strip();
        if (name.isEmpty() || name.length() > 80 || shop.length() > LONGEST) {
            throw new IllegalArgumentException(
                    "a layout has a name of 1 to 80 letters, and a shop line of up to 200");
        }
        if (!(widthMm >= LEAST_MM
                && heightMm >= LEAST_MM
                && widthMm <= MOST_MM
                && heightMm <= MOST_MM)) {
            throw new IllegalArgumentException("a sheet has 10 to 5000 mm a side");
        }
        if (!(rimMm >= 0 && rimMm <= 200 && gapMm >= 0 && gapMm <= 100)) {
            throw new IllegalArgumentException("a rim has 0 to 200 mm, a gap 0 to 100 mm");
        }
    }

    /** Where stickers may lie. */
    public NestSheet room() {
        GeometryFactory factory = new GeometryFactory();
        List<Geometry> closed = new ArrayList<>();
        kept.forEach(box -> closed.add(factory.toGeometry(box)));
        strip(header, 0, closed, factory);
        strip(footer, heightMm - footer.heightMm(), closed, factory);
        return new NestSheet(widthMm, heightMm, rimMm, gapMm, closed);
    }

    private void strip(Strip strip, double top, List<Geometry> closed, GeometryFactory factory) {
        if (strip.heightMm() > 0) {
            // From a strip stickers keep as far as from each other.
            closed.add(
                    factory.toGeometry(
                            new Envelope(0, widthMm, top - gapMm, top + strip.heightMm() + gapMm)));
        }
    }

    public SheetLayout withSize(double width, double height) {
        return new SheetLayout(
                name, width, height, rimMm, gapMm, ground, header, footer, shop, kept, inks);
    }

    public SheetLayout withRimMm(double value) {
        return new SheetLayout(
                name, widthMm, heightMm, value, gapMm, ground, header, footer, shop, kept, inks);
    }

    public SheetLayout withGapMm(double value) {
        return new SheetLayout(
                name, widthMm, heightMm, rimMm, value, ground, header, footer, shop, kept, inks);
    }

    public SheetLayout withGround(Cmyk value) {
        return new SheetLayout(
                name, widthMm, heightMm, rimMm, gapMm, value, header, footer, shop, kept, inks);
    }

    public SheetLayout withHeader(Strip value) {
        return new SheetLayout(
                name, widthMm, heightMm, rimMm, gapMm, ground, value, footer, shop, kept, inks);
    }

    public SheetLayout withFooter(Strip value) {
        return new SheetLayout(
                name, widthMm, heightMm, rimMm, gapMm, ground, header, value, shop, kept, inks);
    }

    public SheetLayout withShop(String value) {
        return new SheetLayout(
                name, widthMm, heightMm, rimMm, gapMm, ground, header, footer, value, kept, inks);
    }

    public SheetLayout withKept(List<Envelope> value) {
        return new SheetLayout(
                name, widthMm, heightMm, rimMm, gapMm, ground, header, footer, shop, value, inks);
    }

    public SheetLayout withName(String value) {
        return new SheetLayout(
                value, widthMm, heightMm, rimMm, gapMm, ground, header, footer, shop, kept, inks);
    }

    public SheetLayout withInks(CutInks value) {
        return new SheetLayout(
                name, widthMm, heightMm, rimMm, gapMm, ground, header, footer, shop, kept, value);
    }
}
