package neattrace.print.ready;

import java.util.List;
import java.util.Optional;
import neattrace.flat.Swatch;
import neattrace.goods.Goods;
import neattrace.goods.GoodsKind;
import neattrace.job.PressSection;
import neattrace.job.pipeline.Drawing;
import neattrace.job.pipeline.Extent;
import neattrace.press.black.BlackSchool;
import neattrace.print.Artwork;

/**
 * What of a drawing goes to the press: all that its plates are made of.
 *
 * @param art as it is seen on screen
 * @param extent how far its ink reaches
 * @param swatches of the job
 * @param press what was decided about printing
 */
public record PressArt(Artwork art, Extent extent, List<Swatch> swatches, PressSection press) {

    public PressArt {
        swatches = List.copyOf(swatches);
    }

    /** Of a computed drawing. */
    public static PressArt of(Drawing drawing) {
        PressSection press = drawing.job().press();
        return new PressArt(
                Artwork.of(drawing, press.profile()),
                drawing.extent(),
                drawing.job().swatches(),
                press);
    }

    /**
     * As goods want it: cloth gets a screen for each colour, and black is one of them with nothing
     * beneath it.
     */
    public PressArt on(Goods goods) {
        return goods.kind() == GoodsKind.SHIRT
                ? new PressArt(
                        art,
                        extent,
                        PressPalette.spots(swatches, press.profile()),
                        press.withSchool(BlackSchool.K_ONLY).withChoices(List.of()))
                : this;
    }

    /** The same with another decision about printing, on the same press. */
    public PressArt with(PressSection other) {
        return new PressArt(art, extent, swatches, other);
    }

    /** A swatch by its id. */
    Optional<Swatch> swatch(int id) {
        return swatches.stream().filter(one -> one.id() == id).findFirst();
    }

    /**
     * As it is printed: in one colour, or in the inks of the job.
     *
     * @param factor how many times as large as on its page it comes out
     */
    public Artwork printed(double factor) {
        return oneColour(factor).map(OneColourArt::art).orElseGet(this::inInks);
    }

    /** The same in one colour, if the job wants that. */
    Optional<OneColourArt> oneColour(double factor) {
        return press.oneColour().on()
                ? Optional.of(OneColourArt.of(inInks(), press.oneColour(), factor))
                : Optional.empty();
    }

    /** In the inks that are printed. */
    Artwork inInks() {
        return art.with(PressPalette.of(swatches, press));
    }
}
