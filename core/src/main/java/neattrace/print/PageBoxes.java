package neattrace.print;

import org.locationtech.jts.geom.Envelope;

/**
 * What a page is once it is finished, and how far colour runs on beyond that (ISO 32000-1, 14.11.2:
 * TrimBox and BleedBox). Both lie on the page, mm, y down.
 *
 * @param trim the finished thing: what is cut out
 * @param bleed that, and what runs on beyond its cut; holds {@code trim}
 */
public record PageBoxes(Envelope trim, Envelope bleed) {

    public PageBoxes {
        if (trim.isNull() || !bleed.contains(trim)) {
            throw new IllegalArgumentException("bleed runs on beyond what is cut out");
        }
        trim = trim.copy();
        bleed = bleed.copy();
    }

    /** The same where the bleed is as wide on every side, as far as the page goes. */
    public static PageBoxes of(Envelope trim, double bleedMm, double widthMm, double heightMm) {
        Envelope page = new Envelope(0, widthMm, 0, heightMm);
        Envelope within = trim.intersection(page);
        Envelope bleed = within.copy();
        bleed.expandBy(bleedMm);
        return new PageBoxes(within, bleed.intersection(page));
    }

    /** Those of a page that is cropped by as much on every side. */
    static PageBoxes cropped(double trimMm, double widthMm, double heightMm) {
        double in = Math.max(0, trimMm);
        return new PageBoxes(
                new Envelope(in, widthMm - in, in, heightMm - in),
                new Envelope(0, widthMm, 0, heightMm));
    }
}
