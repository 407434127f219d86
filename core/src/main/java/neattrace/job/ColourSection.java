package neattrace.job;

import java.util.List;
import java.util.function.UnaryOperator;
import neattrace.flat.AreaGroup;
import neattrace.flat.Fill;
import neattrace.flat.FlatRecipe;
import neattrace.flat.Palette;
import neattrace.geom.OnPage;
import neattrace.geom.Point;

/**
 * What was decided about colours.
 *
 * @param palette the swatches, in the order of the layers, and colourways of them
 * @param fills which area has which swatch, oldest first
 * @param groups areas that belong together
 * @param flat how flats are finished
 */
public record ColourSection(
        Palette palette, List<Fill> fills, List<AreaGroup> groups, FlatRecipe flat)
        implements OnPage<ColourSection> {

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

    @Override
    public ColourSection moved(UnaryOperator<Point> map, double growth) {
        return new ColourSection(
                palette,
                fills.stream().map(fill -> fill.moved(map, growth)).toList(),
                groups.stream().map(group -> group.moved(map, growth)).toList(),
                flat.moved(map, growth));
    }
}
