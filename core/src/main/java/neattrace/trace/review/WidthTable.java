package neattrace.trace.review;

import java.util.Arrays;
import java.util.Comparator;
import java.util.Optional;
import java.util.stream.IntStream;
import neattrace.geom.Point;
import neattrace.trace.InkLine;
import neattrace.trace.LineNet;

/**
 * How wide the lines of a drawing are, by length.
 *
 * @param thinnestMm the width that 1 % of the length falls short of, mm
 * @param thinnestAt a place where a line is that thin, mm on the page
 * @param usualMm the width that half of the length falls short of
 * @param boldestMm the width that 1 % of the length exceeds
 * @param boldestAt a place where a line is that bold
 * @param lengthMm length of all lines
 */
public record WidthTable(
        double thinnestMm,
        Point thinnestAt,
        double usualMm,
        double boldestMm,
        Point boldestAt,
        double lengthMm) {

    /** The ends of lines thin out over about so many widths and are left out. */
    private static final double END_WIDTHS = 2;

    private record Sample(double width, double x, double y) {}

    /** The table; empty if there are no lines. */
    public static Optional<WidthTable> of(LineNet net, double pxPerMm) {
        Sample[] samples =
                net.lines().stream()
                        .flatMap(
                                line -> {
                                    int skip = skip(line);
                                    return IntStream.range(skip, line.size() - skip)
                                            .mapToObj(
                                                    i ->
                                                            new Sample(
                                                                    line.width()[i],
                                                                    line.x()[i],
                                                                    line.y()[i]));
                                })
                        .toArray(Sample[]::new);
        if (samples.length == 0) {
            return Optional.empty();
        }
        Arrays.sort(samples, Comparator.comparingDouble(Sample::width));
        Sample thinnest = samples[(int) (0.01 * (samples.length - 1))];
        Sample boldest = samples[(int) (0.99 * (samples.length - 1))];
        return Optional.of(
                new WidthTable(
                        thinnest.width / pxPerMm,
                        new Point(thinnest.x / pxPerMm, thinnest.y / pxPerMm),
                        samples[samples.length / 2].width / pxPerMm,
                        boldest.width / pxPerMm,
                        new Point(boldest.x / pxPerMm, boldest.y / pxPerMm),
                        net.length() / pxPerMm));
    }

    private static int skip(InkLine line) {
        if (line.closed()) {
            return 0;
        }
        return (int) Math.min((line.size() - 1) / 2.0, END_WIDTHS * line.usualWidth());
    }
}
