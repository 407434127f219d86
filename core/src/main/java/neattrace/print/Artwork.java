package neattrace.print;

import java.util.List;
import neattrace.flat.AreaGroup;
import neattrace.flat.FlatRecipe;
import neattrace.flat.LineLayer;
import neattrace.flat.Swatch;
import neattrace.flat.layer.FlatLayer;
import neattrace.flat.layer.Spreader;
import neattrace.geom.Outline;
import neattrace.job.pipeline.Drawing;
import neattrace.job.pipeline.Traced;
import neattrace.press.BlackRule;
import neattrace.press.PressProfile;

/**
 * Finished art on its page, in mm, ready to be written in any format.
 *
 * @param title of the drawing
 * @param widthMm of the page
 * @param heightMm of the page
 * @param pieces what is one shape in a file
 * @param groups areas that were named as belonging together
 * @param spreadMm how far lower flats run on beneath upper ones in files
 * @param trimMm how much is cropped from every side in the end
 * @param layers flats, lowest first
 * @param colouredLines lines in swatches of their own, over all flats
 * @param lines the black ink, over everything
 * @param black how the ink is printed
 * @param press how builds look
 */
public record Artwork(
        String title,
        double widthMm,
        double heightMm,
        FlatRecipe.Pieces pieces,
        List<AreaGroup> groups,
        double spreadMm,
        double trimMm,
        List<FlatLayer> layers,
        List<LineLayer> colouredLines,
        List<Outline> lines,
        BlackRule black,
        PressProfile press) {

    public Artwork {
        groups = List.copyOf(groups);
        layers = List.copyOf(layers);
        colouredLines = List.copyOf(colouredLines);
        lines = List.copyOf(lines);
    }

    /** The art of a computed drawing. */
    public static Artwork of(Drawing drawing, PressProfile press) {
        return of(drawing.traced(), drawing.layers(), press);
    }

    /** The art of lines alone. */
    public static Artwork of(Traced traced, PressProfile press) {
        return of(traced, List.of(), press);
    }

    private static Artwork of(Traced traced, List<FlatLayer> layers, PressProfile press) {
        return new Artwork(
                traced.job().title(),
                traced.widthMm(),
                traced.heightMm(),
                traced.job().flat().pieces(),
                traced.job().groups(),
                traced.job().flat().spreadMm(),
                Math.max(0, traced.job().close().frameMm()),
                layers,
                traced.colouredLines(),
                traced.blackLines(),
                traced.job().black(),
                press);
    }

    /** As it goes into files: lower flats run on beneath upper ones, which takes its time. */
    public Artwork forFiles() {
        return forFiles(1);
    }

    /**
     * The same for files that are larger or smaller than the page: the spread is meant on the
     * finished thing.
     *
     * @param factor how many times as large as the page the art comes out, over 0
     */
    public Artwork forFiles(double factor) {
        return new Artwork(
                title,
                widthMm,
                heightMm,
                pieces,
                groups,
                0,
                trimMm,
                Spreader.spread(layers, spreadMm / factor),
                colouredLines,
                lines,
                black,
                press);
    }

    /** The same with other pieces as one shape. */
    public Artwork withPieces(FlatRecipe.Pieces other) {
        return new Artwork(
                title,
                widthMm,
                heightMm,
                other,
                groups,
                spreadMm,
                trimMm,
                layers,
                colouredLines,
                lines,
                black,
                press);
    }

    /** The same with its ink printed by another rule. */
    public Artwork withBlack(BlackRule rule) {
        return new Artwork(
                title,
                widthMm,
                heightMm,
                pieces,
                groups,
                spreadMm,
                trimMm,
                layers,
                colouredLines,
                lines,
                rule,
                press);
    }

    /** The same page with other flats and lines, all of them black in some tone. */
    public Artwork inInk(List<FlatLayer> flats, List<Outline> ink, BlackRule rule) {
        return new Artwork(
                title,
                widthMm,
                heightMm,
                FlatRecipe.Pieces.UNITED,
                List.of(),
                0,
                trimMm,
                flats,
                List.of(),
                ink,
                rule,
                press);
    }

    /** The same in other inks: each layer takes the swatch with its id. */
    public Artwork with(List<Swatch> palette) {
        return new Artwork(
                title,
                widthMm,
                heightMm,
                pieces,
                groups,
                spreadMm,
                trimMm,
                layers.stream()
                        .map(
                                layer ->
                                        new FlatLayer(
                                                other(layer.swatch(), palette),
                                                layer.shape(),
                                                layer.pieces()))
                        .toList(),
                colouredLines.stream()
                        .map(layer -> new LineLayer(other(layer.swatch(), palette), layer.shapes()))
                        .toList(),
                lines,
                black,
                press);
    }

    private static Swatch other(Swatch swatch, List<Swatch> palette) {
        return palette.stream().filter(one -> one.id() == swatch.id()).findFirst().orElse(swatch);
    }
}
