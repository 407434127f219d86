package neattrace.job;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import neattrace.flat.AreaGroup;
import neattrace.flat.Fill;
import neattrace.flat.FlatRecipe;
import neattrace.flat.Palette;
import neattrace.flat.Swatch;
import neattrace.geom.Point;
import neattrace.press.BlackRule;
import neattrace.raster.Resolution;
import neattrace.region.CloseSettings;
import neattrace.sheet.SheetRecipe;
import neattrace.trace.LineRecipe;

/**
 * Everything a user decided about one drawing.
 *
 * @param title what the drawing is called
 * @param source the untouched picture
 * @param ppi pixels per inch the user set, or 0 to take the file's own
 * @param recipe how the scan becomes ink
 * @param line what was decided about the lines
 * @param close which gaps count as closed
 * @param palette the swatches, in the order of the layers, and colourways of them
 * @param fills which area has which swatch, oldest first
 * @param groups areas that belong together
 * @param flat how flats are finished
 * @param black how black is printed
 * @param settled findings that were looked at and left as they are
 */
public record Job(
        String title,
        Source source,
        double ppi,
        SheetRecipe recipe,
        LineRecipe line,
        CloseSettings close,
        Palette palette,
        List<Fill> fills,
        List<AreaGroup> groups,
        FlatRecipe flat,
        BlackRule black,
        List<Settled> settled) {

    public Job {
        if (ppi != 0 && !Resolution.isSensible(ppi)) {
            throw new IllegalArgumentException("ppi must be 10 to 20000");
        }
        groups = List.copyOf(groups);
        fills = List.copyOf(fills);
        settled = List.copyOf(settled);
    }

    /** A new job with everything automatic and nothing coloured. */
    public static Job of(Source source) {
        int dot = source.name().lastIndexOf('.');
        String title = dot > 0 ? source.name().substring(0, dot) : source.name();
        return new Job(
                title,
                source,
                0,
                SheetRecipe.automatic(),
                LineRecipe.AS_DRAWN,
                CloseSettings.automatic(),
                Palette.EMPTY,
                List.of(),
                List.of(),
                FlatRecipe.USUAL,
                BlackRule.RICH,
                List.of());
    }

    /** The swatch with an id. */
    public Optional<Swatch> swatch(int id) {
        return swatches().stream().filter(swatch -> swatch.id() == id).findFirst();
    }

    /** An id no swatch of this job has or ever had. */
    public int freeSwatchId() {
        return palette.freeId();
    }

    public Job withSource(Source value) {
        return new Job(
                title, value, ppi, recipe, line, close, palette, fills, groups, flat, black,
                settled);
    }

    public Job withTitle(String value) {
        return new Job(
                value, source, ppi, recipe, line, close, palette, fills, groups, flat, black,
                settled);
    }

    public Job withPpi(double value) {
        return new Job(
                title, source, value, recipe, line, close, palette, fills, groups, flat, black,
                settled);
    }

    public Job withRecipe(SheetRecipe value) {
        return new Job(
                title, source, ppi, value, line, close, palette, fills, groups, flat, black,
                settled);
    }

    public Job withLine(LineRecipe value) {
        return new Job(
                title, source, ppi, recipe, value, close, palette, fills, groups, flat, black,
                settled);
    }

    public Job withClose(CloseSettings value) {
        return new Job(
                title, source, ppi, recipe, line, value, palette, fills, groups, flat, black,
                settled);
    }

    public Job withPalette(Palette value) {
        return new Job(
                title, source, ppi, recipe, line, close, value, fills, groups, flat, black,
                settled);
    }

    public Job withFills(List<Fill> value) {
        return new Job(
                title, source, ppi, recipe, line, close, palette, value, groups, flat, black,
                settled);
    }

    public Job withGroups(List<AreaGroup> value) {
        return new Job(
                title, source, ppi, recipe, line, close, palette, fills, value, flat, black,
                settled);
    }

    public Job withFlat(FlatRecipe value) {
        return new Job(
                title, source, ppi, recipe, line, close, palette, fills, groups, value, black,
                settled);
    }

    public Job withBlack(BlackRule value) {
        return new Job(
                title, source, ppi, recipe, line, close, palette, fills, groups, flat, value,
                settled);
    }

    /** The swatches of the colourway that is shown. */
    public List<Swatch> swatches() {
        return palette.now();
    }

    /** The same with swatches changed, added, ordered or taken away in what is shown. */
    public Job withSwatches(List<Swatch> value) {
        return withPalette(palette.with(value));
    }

    /** The same with one more finding left as it is. */
    public Job withSettled(Settled finding) {
        List<Settled> next = new ArrayList<>(settled);
        next.add(finding);
        return new Job(
                title, source, ppi, recipe, line, close, palette, fills, groups, flat, black, next);
    }

    /**
     * Whether a finding was left as it is.
     *
     * @param reachPx how far it may lie from where it was, source px
     */
    public boolean isSettled(String what, Point at, double reachPx) {
        return settled.stream()
                .anyMatch(one -> one.what().equals(what) && one.at().distance(at) <= reachPx);
    }

    /** The same with a swatch added, or changed if its id is there already. */
    public Job withSwatch(Swatch swatch) {
        List<Swatch> next = new ArrayList<>(swatches());
        for (int i = 0; i < next.size(); i++) {
            if (next.get(i).id() == swatch.id()) {
                next.set(i, swatch);
                return withSwatches(next);
            }
        }
        next.add(swatch);
        return withSwatches(next);
    }

    /** The same without a swatch and without all that used it: fills, lines, forms, colourways. */
    public Job withoutSwatch(int id) {
        return withPalette(palette.without(id))
                .withFlat(flat.without(id))
                .withFills(fills.stream().filter(fill -> fill.swatch() != id).toList())
                .withLine(line.withColour(line.colour().without(id)));
    }
}
