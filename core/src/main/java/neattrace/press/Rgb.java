package neattrace.press;

import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * An sRGB screen colour, 0 to 255 each.
 *
 * @param r red
 * @param g green
 * @param b blue
 */
public record Rgb(int r, int g, int b) {

    /** Screen white. */
    public static final Rgb WHITE = new Rgb(255, 255, 255);

    private static final Pattern NUMBERS =
            Pattern.compile("(\\d{1,3})[ ,;]+(\\d{1,3})[ ,;]+(\\d{1,3})");

    private static final Pattern HEX = Pattern.compile("#?([0-9a-fA-F]{6})");

    public Rgb {
        if ((r | g | b) < 0 || r > 255 || g > 255 || b > 255) {
            throw new IllegalArgumentException("colour parts must be 0 to 255");
        }
    }

    /** From 0xRRGGBB; higher bits are ignored. */
    public static Rgb of(int packed) {
        return new Rgb(packed >> 16 & 0xff, packed >> 8 & 0xff, packed & 0xff);
    }

    /** From #RRGGBB or RRGGBB; empty if it is neither. */
    public static Optional<Rgb> parse(String text) {
        Matcher matcher = HEX.matcher(text.strip());
        return matcher.matches()
                ? Optional.of(of(Integer.parseInt(matcher.group(1), 16)))
                : Optional.empty();
    }

    /**
     * What a person types: {@code #2A7F9E}, {@code 2A7F9E}, or red, green and blue from 0 to 255 as
     * {@code 42 127 158} or {@code 42, 127, 158}; empty if it is none of these.
     */
    public static Optional<Rgb> typed(String text) {
        Matcher numbers = NUMBERS.matcher(text.strip());
        if (!numbers.matches()) {
            return parse(text);
        }
        int[] parts = new int[3];
        for (int k = 0; k < 3; k++) {
            parts[k] = Integer.parseInt(numbers.group(k + 1));
            if (parts[k] > 255) {
                return Optional.empty();
            }
        }
        return Optional.of(new Rgb(parts[0], parts[1], parts[2]));
    }

    /** As 0xRRGGBB. */
    public int packed() {
        return r << 16 | g << 8 | b;
    }

    /** As #RRGGBB. */
    public String hex() {
        return String.format(Locale.ROOT, "#%06X", packed());
    }

    /** The colour in L*a*b* under D65. */
    public Lab toLab() {
        double[] xyz = xyz();
        // White is the sum of the rows, so that equal red, green and blue have no colour.
        return Lab.ofXyz(xyz[0] / 0.9505, xyz[1], xyz[2] / 1.0890);
    }

    /** The colour as presses measure it: under D50, by Bradford's matrix (ICC.1:2010, E.2). */
    public Lab toLabD50() {
        double[] xyz = xyz();
        return Lab.ofXyzD50(
                new double[] {
                    1.0478112 * xyz[0] + 0.0228866 * xyz[1] - 0.0501270 * xyz[2],
                    0.0295424 * xyz[0] + 0.9904844 * xyz[1] - 0.0170491 * xyz[2],
                    -0.0092345 * xyz[0] + 0.0150436 * xyz[1] + 0.7521316 * xyz[2]
                });
    }

    private double[] xyz() {
        double red = linear(r / 255.0);
        double green = linear(g / 255.0);
        double blue = linear(b / 255.0);
        return new double[] {
            0.4124 * red + 0.3576 * green + 0.1805 * blue,
            0.2126 * red + 0.7152 * green + 0.0722 * blue,
            0.0193 * red + 0.1192 * green + 0.9505 * blue
        };
    }

    /** Removes the sRGB transfer curve: 0 to 1 in, 0 to 1 out. */
    public static double linear(double value) {
        return value <= 0.04045 ? value / 12.92 : Math.pow((value + 0.055) / 1.055, 2.4);
    }

    /** Applies the sRGB transfer curve: light, cut off at 0 and 1, to a part of 0 to 255. */
    public static int coded(double light) {
        double value =
                light <= 0.0031308 ? 12.92 * light : 1.055 * Math.pow(light, 1 / 2.4) - 0.055;
        return (int) Math.round(255 * Math.max(0, Math.min(1, value)));
    }
}
