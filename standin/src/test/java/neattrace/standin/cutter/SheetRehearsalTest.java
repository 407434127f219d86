package neattrace.standin.cutter;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import neattrace.goods.cut.StickerRecipe;
import neattrace.goods.nest.Laid;
import neattrace.goods.nest.Nest;
import neattrace.goods.sheet.SheetItem;
import neattrace.goods.sheet.SheetLayout;
import neattrace.goods.sheet.StickerSheet;
import neattrace.goods.sticker.Sticker;
import neattrace.job.pipeline.Pipeline;
import neattrace.press.Cmyk;
import neattrace.press.PressProfile;
import neattrace.print.Artwork;
import neattrace.stage.Progress;
import neattrace.testing.Jobs;
import org.junit.jupiter.api.Test;

/** Sheets on the stand-in, against distances known from how they are laid. */
class SheetRehearsalTest {

    private static final PressProfile PRESS = PressProfile.bundled();

    /** Rounds of about 21 mm, in a row, so many mm from cut to cut. */
    private static SheetRehearsal rehearsed(StickerRecipe recipe, double gapMm, int... colours)
            throws IOException {
        Artwork art =
                Artwork.of(new Pipeline().run(Jobs.coloured(), Progress.SILENT), PRESS).forFiles();
        List<SheetItem> items = new ArrayList<>();
        for (int colour : colours) {
            items.add(
                    new SheetItem(
                            "round",
                            Sticker.of(art, 1, recipe.withBorder(new Cmyk(colour, 0, 0, 0))),
                            1));
        }
        double width = items.get(0).sticker().area().getEnvelopeInternal().getWidth();
        List<Laid> laid =
                IntStream.range(0, colours.length)
                        .mapToObj(i -> new Laid(i, 25 + i * (width + gapMm), 30, 0, true))
                        .toList();
        SheetLayout layout = SheetLayout.USUAL.withSize(148, 105).withGapMm(gapMm);
        StickerSheet sheet =
                new StickerSheet(
                        layout,
                        "",
                        "",
                        items,
                        new Nest(StickerSheet.pieces(items), laid, List.of(), layout.room()));
        return SheetRehearsal.of(sheet, PRESS, CutterSettings.USUAL);
    }

    @Test
    void bordersAlikeBearTheirBleed() throws IOException {
        SheetRehearsal done = rehearsed(StickerRecipe.USUAL, 3, 0, 0, 0);
        assertThat(done.margins()).hasSize(3);
        assertThat(done.margins())
                .allSatisfy(
                        one -> {
                            assertThat(one.backgroundMm()).isCloseTo(2, within(0.05));
                            assertThat(one.artMm()).isCloseTo(2.5, within(0.05));
                        });
        assertThat(done.run().badOrder()).isEmpty();
        assertThat(String.join(" ", done.told())).contains("All bear the 0.5 mm");
    }

    @Test
    void aNeighboursBleedOfAnotherColourComesSooner() throws IOException {
        // 3 mm apart, of which the neighbour's bleed takes 2.
        SheetRehearsal done = rehearsed(StickerRecipe.USUAL, 3, 0, 60);
        assertThat(done.margins())
                .allSatisfy(one -> assertThat(one.backgroundMm()).isCloseTo(1, within(0.06)));
        SheetRehearsal near = rehearsed(StickerRecipe.USUAL, 2.3, 0, 60, 0);
        assertThat(near.margins())
                .allSatisfy(one -> assertThat(one.leastMm()).isCloseTo(0.3, within(0.06)));
        assertThat(String.join(" ", near.told()))
                .contains("3 of 3 bear less than the 0.5 mm", "round bears the least");
    }

    @Test
    void everyStickerIsCutOnceAndNeighboursFollowNeighbours() throws IOException {
        SheetRehearsal done = rehearsed(StickerRecipe.USUAL, 3, 0, 0, 0, 0);
        List<Integer> order = done.turns().stream().map(SheetRehearsal.Turn::laid).toList();
        assertThat(order).containsExactlyInAnyOrder(0, 1, 2, 3);
        for (int i = 0; i + 1 < 4; i++) {
            assertThat(Math.abs(order.get(i) - order.get(i + 1))).isEqualTo(1);
        }
        // The sheet's own corners are cut through: no vinyl lifts there.
        assertThat(done.run().lifting()).isEmpty();
        assertThat(done.run().seconds()).isGreaterThan(1);
    }
}
