package neattrace.goods.cut;

import java.util.regex.Pattern;

/**
 * What the inks of cut lines are called in files of inks, as the maker's cutter looks for them.
 *
 * @param kiss of cuts through the face only
 * @param through of cuts through the backing as well
 */
public record CutInks(String kiss, String through) {

    private static final Pattern NAME = Pattern.compile("[\\p{L}\\p{N} ._+/()-]{1,60}");

    /** Names of process inks mean those. */
    private static final Pattern TAKEN = Pattern.compile("(?i)cyan|magenta|yellow|black|all|none");

    /** As they are called unless a maker wants something else. */
    public static final CutInks USUAL = new CutInks("Cut", "Cut through");

    public CutInks {
        kiss = kiss.strip();
        through = through.strip();
        check(kiss);
        check(through);
        if (kiss.equalsIgnoreCase(through)) {
            throw new IllegalArgumentException("the two kinds of cuts have different inks");
        }
    }

    private static void check(String name) {
        if (!NAME.matcher(name).matches() || TAKEN.matcher(name).matches()) {
            throw new IllegalArgumentException(
                    "an ink of cuts has 1 to 60 letters and is no ink of the press");
        }
    }

    public CutInks withKiss(String value) {
        return new CutInks(value, through);
    }

    public CutInks withThrough(String value) {
        return new CutInks(kiss, value);
    }
}
