package neattrace.testing;

import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import neattrace.flat.AreaGroup;
import neattrace.flat.Colourway;
import neattrace.flat.Fill;
import neattrace.flat.Palette;
import neattrace.flat.Swatch;
import neattrace.geom.Point;
import neattrace.goods.Costs;
import neattrace.goods.FileUse;
import neattrace.goods.GoodsKind;
import neattrace.goods.UsualGoods;
import neattrace.goods.cut.CutRecipe;
import neattrace.goods.cut.Loose;
import neattrace.goods.cut.LooseChoice;
import neattrace.goods.cut.Pull;
import neattrace.goods.cut.StickerRecipe;
import neattrace.goods.making.ClothRecipe;
import neattrace.goods.making.Makings;
import neattrace.goods.making.Motif;
import neattrace.goods.making.PageMend;
import neattrace.goods.making.PageRecipe;
import neattrace.goods.making.StencilRecipe;
import neattrace.goods.making.TieChoice;
import neattrace.goods.making.TransferRecipe;
import neattrace.goods.making.WrapRecipe;
import neattrace.job.BriefSection;
import neattrace.job.ColourSection;
import neattrace.job.GoodsSection;
import neattrace.job.Job;
import neattrace.job.KeptFields;
import neattrace.job.Lettering;
import neattrace.job.LogSection;
import neattrace.job.PressSection;
import neattrace.job.Reference;
import neattrace.job.Settled;
import neattrace.job.SheetSection;
import neattrace.job.Source;
import neattrace.job.WantedGoods;
import neattrace.job.WrittenFile;
import neattrace.job.log.Drivers;
import neattrace.job.log.Estimate;
import neattrace.job.log.Proof;
import neattrace.job.log.Snapshot;
import neattrace.job.log.Tools;
import neattrace.job.log.WorkLog;
import neattrace.job.log.WorkStage;
import neattrace.job.log.WorkedTime;
import neattrace.press.Cmyk;
import neattrace.press.Lab;
import neattrace.press.black.BlackChoice;
import neattrace.press.black.BlackSchool;
import neattrace.press.separate.OneColourRecipe;
import neattrace.press.separate.Tone;
import neattrace.region.CloseSettings;
import neattrace.region.Join;
import neattrace.region.Mend;
import neattrace.region.OpenLine;

/** A job in which everything was decided that can be, each otherwise than is usual. */
public final class Everything {

    private static final byte[] SOURCE = new byte[5000];

    static {
        for (int i = 0; i < SOURCE.length; i++) {
            SOURCE[i] = (byte) (i * 31 >> 3);
        }
    }

    public static final Job JOB =
            new Job(
                    "Möwe & Co. «3»",
                    new Source("Möwe 3.png", SOURCE),
                    new BriefSection(
                            "Krämerei “Zur Möwe”",
                            Optional.of(LocalDate.of(2028, 2, 29)),
                            3,
                            List.of(
                                    new Reference("own photo", "", Reference.Use.OWN),
                                    new Reference(
                                            "postcard",
                                            "a museum",
                                            Reference.Use.UNKNOWN,
                                            new Snapshot(new byte[] {-1, -40, 0, 7}))),
                            List.of(Lettering.between(new Point(9, 8), new Point(5, 6.5)))),
                    new SheetSection(412.5, Recipes.full().withInkPercent(41.25)),
                    Recipes.lines(),
                    new CloseSettings(
                            0.8,
                            List.of(new Point(1.25, 2)),
                            List.of(new Point(30, 4.125)),
                            List.of(new OpenLine(List.of(new Point(7, 8), new Point(9, 8)), 0.5)),
                            List.of(
                                    Join.over(
                                            new Point(1, 2),
                                            new Point(1.5, 2.5),
                                            new Point(2, 3.25))),
                            List.of(
                                    new Join(
                                            List.of(
                                                    new Point(3, 3),
                                                    new Point(4, 4.5),
                                                    new Point(5, 5),
                                                    new Point(6.25, 5)))),
                            2.5,
                            Mend.RUN_PAST),
                    new ColourSection(
                            new Palette(
                                    List.of(
                                            new Swatch(4, "Gorse", new Cmyk(0, 22, 84, 0))
                                                    .withGroup("Heath")
                                                    .withLocked(true),
                                            new Swatch(9, "Slate", new Cmyk(58, 34.5, 22, 8))
                                                    .withTone(new Swatch.Tone(4, false))
                                                    .withSpot(Optional.of(new Lab(52.5, -4, -11)))),
                                    List.of(
                                            new Colourway(
                                                    "Night",
                                                    Map.of(
                                                            4,
                                                            Colourway.Ink.of(
                                                                    new Cmyk(40, 30, 20, 10))))),
                                    0,
                                    12),
                            List.of(
                                    new Fill(new Point(10.123456789, 20), 4),
                                    new Fill(new Point(5, 5), Fill.PAPER)),
                            List.of(
                                    new AreaGroup(
                                            "Petals", List.of(new Point(1, 1.5), new Point(2, 9)))),
                            Recipes.flats()),
                    new PressSection(
                            BlackSchool.AS_DRAWN,
                            new Cmyk(50, 30, 20, 0),
                            0.9,
                            List.of(
                                    new BlackChoice(new Point(7, 8), true),
                                    new BlackChoice(new Point(9, 8), false)),
                            true,
                            0.15,
                            false,
                            0.25,
                            280,
                            List.of(new Point(3, 4)),
                            Profiles.other(),
                            Map.of(2, 1),
                            Set.of(3),
                            List.of("Cyan", "Night / 2", "Black"),
                            new OneColourRecipe(
                                    true,
                                    OneColourRecipe.Style.HATCHING,
                                    List.of(
                                            new OneColourRecipe.Toned(
                                                    new Point(5, 6), Tone.DARK)))),
                    GoodsSection.UNDECIDED
                            .with(UsualGoods.of(GoodsKind.STICKER))
                            .with(UsualGoods.of(GoodsKind.SHIRT).withName("Tuesday market"))
                            .without(1)
                            .with(
                                    new WantedGoods(
                                            2,
                                            UsualGoods.of(GoodsKind.SHIRT).withName("Totes"),
                                            false,
                                            40,
                                            "Harbour Press",
                                            true,
                                            new Costs(
                                                    12, 8.5, 320, 450, 3, 1.2, 2, 0.5, 30, 4.9, 60),
                                            new Makings(
                                                    StickerRecipe.USUAL
                                                            .withCut(
                                                                    CutRecipe.USUAL
                                                                            .withRadiusMm(1.5)
                                                                            .withJoinMm(4)
                                                                            .withHoles(true)
                                                                            .withLoose(
                                                                                    Loose.BRIDGE))
                                                            .withEnclosed(false)
                                                            .withBorder(new Cmyk(1, 2, 3, 4))
                                                            .withCarried(true)
                                                            .withBackingMm(5)
                                                            .withPieces(List.of(new LooseChoice(new Point(11, 12), Loose.BRIDGE)))
.withPulls(
                                                                    List.of(
                                                                            new Pull(
                                                                                    new Point(1, 2),
                                                                                    new Point(
                                                                                            3,
                                                                                            4)))),
                                                    new PageRecipe(
                                                            14,
                                                            true,
                                                            PageRecipe.Tint.UMBER,
                                                            45,
                                                            true,
                                                            false,
                                                            true,
                                                            PageRecipe.Pencil.BRUSH,
                                                            List.of(
                                                                    new PageMend(
                                                                            new Point(3, 4.5),
                                                                            PageMend.How.OPEN))),
                                                    new TransferRecipe(
                                                            0.7,
                                                            1.2,
                                                            List.of(new Point(1, 1)),
                                                            List.of(new Point(2, 2.25)),
                                                            true,
                                                            TransferRecipe.Colour.BLUE,
                                                            148,
                                                            210,
                                                            8,
                                                            true),
                                                    new StencilRecipe(
                                                            StencilRecipe.Away.SWATCHES,
                                                            3,
                                                            List.of(
                                                                    new TieChoice(
                                                                            new Point(7, 8), true),
                                                                    new TieChoice(
                                                                            new Point(9, 8),
                                                                            false)),
                                                            2.5,
                                                            true),
                                                    new ClothRecipe(
                                                            ClothRecipe.Place.LEFT_CHEST,
                                                            ClothRecipe.Size.XXL,
                                                            185,
                                                            "S. Kerry",
                                                            Optional.of(new Point(5, 6)),
                                                            3.5,
                                                            true),
                                                    new WrapRecipe(
                                                            List.of(
                                                                    new Motif(
                                                                            0, 60, 45, 70, 12,
                                                                            true)),
                                                            90,
                                                            true)),
                                            List.of(FileUse.ORA, FileUse.PDF))),
                    new LogSection(
                            List.of(
                                    Settled.whole("sheet", "tilt"),
                                    new Settled("press", "speck", new Point(12, 30.5))),
                            List.of(
                                    new WrittenFile(
                                            FileUse.SVG,
                                            2,
                                            "a.svg",
                                            LocalDateTime.of(2027, 3, 1, 14, 2),
                                            "00")),
                            new WorkLog(
                                    new Tools("Flatbed", "Card 250 g", "Brush pen"),
                                    List.of(
                                            new WorkedTime(
                                                    "line", LocalDate.of(2027, 2, 27), 4210)),
                                    Map.of(WorkStage.INKS, 5.5),
                                    Optional.of(new Drivers(8210.5, 84, 2, 3, 4)),
                                    List.of(new Estimate(WorkStage.LINES, 0.25, 0.5, 1.25))),
                            List.of(
                                    new Proof(
                                            LocalDate.of(2027, 3, 4),
                                            2,
                                            Set.of(Proof.Fault.HALO, Proof.Fault.BLACK_WEAK),
                                            "Grey on “green”",
                                            "rich black",
                                            new Snapshot(new byte[] {1, 2, 3})))),
                    KeptFields.NONE);

    private Everything() {}
}
