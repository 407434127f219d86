package neattrace.job;

import java.util.List;
import neattrace.flat.AreaGroup;
import neattrace.flat.Fill;
import neattrace.flat.FlatRecipe;
import neattrace.flat.Palette;

/**
 * What was decided about colours.
 *
 * @param palette the swatches, in the order of the layers, and colourways of them
 * @param fills which area has which swatch, oldest first
 * @param groups areas that belong together
 * @param flat how flats are finished
 */
public record ColourSection(
        Palette palette, List<Fill> fills, List<AreaGroup> groups, FlatRecipe flat) {

    /** Nothing coloured. */
    public static final ColourSection BARE =
            new ColourSection(Palette.EMPTY, List.of(), List.of(), FlatRecipe.USUAL);

    public ColourSection {
        fills = List.copyOf(fills);
        groups = List.copyOf(groups);
    }

    ColourSection withPalette(Palette value) {
        return new ColourSection(value, fills, groups, flat);
    }

    ColourSection withFills(List<Fill> value) {
        return new ColourSection(palette, value, groups, flat);
    }

    ColourSection withGroups(List<AreaGroup> value) {
        return new ColourSection(palette, fills, value, flat);
    }

    ColourSection withFlat(FlatRecipe value) {
        return new ColourSection(palette, fills, groups, value);
    }
}
