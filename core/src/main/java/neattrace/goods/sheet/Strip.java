package neattrace.goods.sheet;

import neattrace.press.Cmyk;

/**
 * A strip along the top or the foot of a sheet.
 *
 * @param heightMm 0 for none
 * @param build its colour
 * @param lettering the colour of what is written in it
 */
public record Strip(double heightMm, Cmyk build, Cmyk lettering) {

    /** None. */
    public static final Strip NONE = new Strip(0, new Cmyk(0, 0, 0, 0), new Cmyk(0, 0, 0, 100));

    public Strip {
        if (!(heightMm >= 0 && heightMm <= 500)) {
            throw new IllegalArgumentException("a strip is 0 to 500 mm high");
        }
    }

    /** The same of another height. */
    public Strip withHeightMm(double value) {
        return new Strip(value, build, lettering);
    }

    public Strip withBuild(Cmyk value) {
        return new Strip(heightMm, value, lettering);
    }

    public Strip withLettering(Cmyk value) {
        return new Strip(heightMm, build, value);
    }
}
