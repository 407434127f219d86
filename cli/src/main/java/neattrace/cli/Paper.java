package neattrace.cli;

import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import neattrace.goods.Goods;
import neattrace.goods.PaperSize;
import neattrace.goods.Sizing;
import neattrace.raster.Resolution;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.ParameterException;

/**
 * A paper as it is given: by its name or by its size.
 *
 * @param widthMm its width
 * @param heightMm its height
 */
record Paper(double widthMm, double heightMm) {

    private static final Pattern SIZE =
            Pattern.compile("([0-9.]+)\\s*[x×]\\s*([0-9.]+)\\s*(mm|px|in)?");

    /** What sizes in pixels are meant at. */
    static final double PPI = 300;

    /**
     * Reads one, such as {@code A4}, {@code 8x10in} or {@code 4200x3200px}; mm unless said
     * otherwise.
     *
     * @param option for the message
     * @throws ParameterException if there is no such paper
     */
    static Paper of(CommandSpec spec, String option, String text) {
        Matcher size = SIZE.matcher(text.strip().toLowerCase(Locale.ROOT));
        if (!size.matches()) {
            return PaperSize.named(text)
                    .map(paper -> new Paper(paper.widthMm(), paper.heightMm()))
                    .orElseThrow(() -> unknown(spec, option, text));
        }
        double mm =
                "px".equals(size.group(3))
                        ? Resolution.MM_PER_INCH / PPI
                        : "in".equals(size.group(3)) ? Resolution.MM_PER_INCH : 1;
        try {
            return new Paper(
                    mm * Double.parseDouble(size.group(1)), mm * Double.parseDouble(size.group(2)));
        } catch (NumberFormatException e) {
            throw unknown(spec, option, text);
        }
    }

    /** Goods on such a paper, as large as may be. */
    Goods on(Goods goods) {
        return goods.withSizing(
                new Sizing(Sizing.Fit.PAGE, widthMm, heightMm, goods.sizing().ppi()));
    }

    private static ParameterException unknown(CommandSpec spec, String option, String text) {
        return new ParameterException(
                spec.commandLine(),
                "There is no paper called " + text + "; " + option + " is a name or WxH.");
    }
}
