package neattrace.job;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import neattrace.flat.AreaGroup;
import neattrace.flat.Fill;
import neattrace.flat.FlatRecipe;
import neattrace.flat.Palette;
import neattrace.flat.Swatch;
import neattrace.geom.Point;
import neattrace.press.BlackRule;
import neattrace.region.CloseSettings;
import neattrace.sheet.SheetRecipe;
import neattrace.trace.LineRecipe;

/**
 * Everything a user decided about one drawing, in sections. What is asked for most can be read and
 * changed without naming the section.
 *
 * @param title what the drawing is called
 * @param source the untouched picture
 * @param brief what was agreed about it
 * @param sheet how the scan becomes ink
 * @param line what was decided about the lines
 * @param close which gaps count as closed
 * @param colour swatches and which area has which
 * @param press how it is printed
 * @param goods what it is for
 * @param log what happened to it
 * @param kept what its file held besides
 */
public record Job(
        String title,
        Source source,
        BriefSection brief,
        SheetSection sheet,
        LineRecipe line,
        CloseSettings close,
        ColourSection colour,
        PressSection press,
        GoodsSection goods,
        LogSection log,
        KeptFields kept) {

    /** A new job with everything automatic and nothing coloured. */
    public static Job of(Source source) {
        int dot = source.name().lastIndexOf('.');
        String title = dot > 0 ? source.name().substring(0, dot) : source.name();
        return new Job(
                title,
                source,
                BriefSection.EMPTY,
                SheetSection.AUTOMATIC,
                LineRecipe.AS_DRAWN,
                CloseSettings.automatic(),
                ColourSection.BARE,
                PressSection.USUAL,
                GoodsSection.UNDECIDED,
                LogSection.EMPTY,
                KeptFields.NONE);
    }

    /** Pixels per inch the user set, or 0 to take the file's own. */
    public double ppi() {
        return sheet.ppi();
    }

    /** How the scan becomes ink. */
    public SheetRecipe recipe() {
        return sheet.recipe();
    }

    /** The swatches, in the order of the layers, and colourways of them. */
    public Palette palette() {
        return colour.palette();
    }

    /** Which area has which swatch, oldest first. */
    public List<Fill> fills() {
        return colour.fills();
    }

    /** Areas that belong together. */
    public List<AreaGroup> groups() {
        return colour.groups();
    }

    /** How flats are finished. */
    public FlatRecipe flat() {
        return colour.flat();
    }

    /** How black is printed. */
    public BlackRule black() {
        return press.black();
    }

    /** Findings that were looked at and left as they are. */
    public List<Settled> settled() {
        return log.settled();
    }

    /** The swatch with an id. */
    public Optional<Swatch> swatch(int id) {
        return swatches().stream().filter(swatch -> swatch.id() == id).findFirst();
    }

    /** An id no swatch of this job has or ever had. */
    public int freeSwatchId() {
        return palette().freeId();
    }

    public Job withSource(Source value) {
        return new Job(title, value, brief, sheet, line, close, colour, press, goods, log, kept);
    }

    public Job withBrief(BriefSection value) {
        return new Job(title, source, value, sheet, line, close, colour, press, goods, log, kept);
    }

    public Job withGoods(GoodsSection value) {
        return new Job(title, source, brief, sheet, line, close, colour, press, value, log, kept);
    }

    /** The same with the goods of an id changed; as it is if they are gone. */
    public Job changed(int goodsId, UnaryOperator<WantedGoods> change) {
        return withGoods(goods.changed(goodsId, change));
    }

    public Job withTitle(String value) {
        return new Job(value, source, brief, sheet, line, close, colour, press, goods, log, kept);
    }

    public Job withSheet(SheetSection value) {
        return new Job(title, source, brief, value, line, close, colour, press, goods, log, kept);
    }

    public Job withPpi(double value) {
        return withSheet(new SheetSection(value, sheet.recipe()));
    }

    public Job withRecipe(SheetRecipe value) {
        return withSheet(new SheetSection(sheet.ppi(), value));
    }

    public Job withLine(LineRecipe value) {
        return new Job(title, source, brief, sheet, value, close, colour, press, goods, log, kept);
    }

    public Job withClose(CloseSettings value) {
        return new Job(title, source, brief, sheet, line, value, colour, press, goods, log, kept);
    }

    public Job withColour(ColourSection value) {
        return new Job(title, source, brief, sheet, line, close, value, press, goods, log, kept);
    }

    public Job withPalette(Palette value) {
        return withColour(colour.withPalette(value));
    }

    public Job withFills(List<Fill> value) {
        return withColour(colour.withFills(value));
    }

    public Job withGroups(List<AreaGroup> value) {
        return withColour(colour.withGroups(value));
    }

    public Job withFlat(FlatRecipe value) {
        return withColour(colour.withFlat(value));
    }

    public Job withBlack(BlackRule value) {
        return withPress(press.withBlack(value));
    }

    public Job withPress(PressSection value) {
        return new Job(title, source, brief, sheet, line, close, colour, value, goods, log, kept);
    }

    public Job withLog(LogSection value) {
        return new Job(title, source, brief, sheet, line, close, colour, press, goods, value, kept);
    }

    public Job withKept(KeptFields value) {
        return new Job(title, source, brief, sheet, line, close, colour, press, goods, log, value);
    }

    /** The swatches of the colourway that is shown. */
    public List<Swatch> swatches() {
        return palette().now();
    }

    /** The same with swatches changed, added, ordered or taken away in what is shown. */
    public Job withSwatches(List<Swatch> value) {
        return withPalette(palette().with(value));
    }

    /** The same with one more finding left as it is. */
    public Job withSettled(Settled finding) {
        return new Job(
                title,
                source,
                brief,
                sheet,
                line,
                close,
                colour,
                press,
                goods,
                log.with(finding),
                kept);
    }

    /**
     * Whether a finding was left as it is.
     *
     * @param reachPx how far it may lie from where it was, source px
     */
    public boolean isSettled(String what, Point at, double reachPx) {
        return log.isSettled(what, at, reachPx);
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
        return withPalette(palette().without(id))
                .withFlat(flat().without(id))
                .withFills(fills().stream().filter(fill -> fill.swatch() != id).toList())
                .withLine(line.withColour(line.colour().without(id)));
    }
}
