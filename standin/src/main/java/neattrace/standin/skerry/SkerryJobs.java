package neattrace.standin.skerry;

import java.io.IOException;
import java.io.InputStream;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import neattrace.flat.Fill;
import neattrace.flat.Swatch;
import neattrace.geom.Point;
import neattrace.goods.Costs;
import neattrace.goods.Goods;
import neattrace.goods.GoodsKind;
import neattrace.goods.UsualGoods;
import neattrace.job.BriefSection;
import neattrace.job.GoodsSection;
import neattrace.job.Job;
import neattrace.job.Reference;
import neattrace.job.Source;
import neattrace.job.file.JobFile;
import neattrace.job.log.Tools;
import neattrace.press.Cmyk;
import neattrace.standin.pen.PenDrawing;
import neattrace.standin.scanner.ScanSettings;
import neattrace.standin.scanner.StandInScanner;

/** The demo's jobs: a scan of each drawing, with a palette and some areas coloured already. */
public final class SkerryJobs {

    /**
     * What the shop pays, made up: vinyl by the sheet, shirts by the piece with a screen an ink.
     */
    private static final Costs STICKER_COSTS = new Costs(0, 0, 320, 450, 3, 3.2, 3, 0.5, 24, 6, 60);

    private static final Costs SHIRT_COSTS = new Costs(25, 18, 0, 0, 3, 6.5, 4, 5, 24, 12, 80);

    /** With what all of them were drawn. */
    private static final Tools TOOLS =
            new Tools("flatbed at the post office", "cartridge paper", "dip pen");

    /** So wide is each of the small motifs on a sheet, border and all. */
    private static final double MOTIF_MM = 65;

    private SkerryJobs() {}

    /** Draws, scans and begins to colour; takes a few seconds. */
    public static Job job(SkerryDrawing demo) {
        return job(demo, demo.draw());
    }

    /** The same from a drawing that is finished already. */
    public static Job job(SkerryDrawing demo, PenDrawing drawing) {
        ScanSettings settings = demo.everydayScan();
        byte[] png = StandInScanner.png(StandInScanner.scan(drawing, settings), settings.ppi());
        return finished(demo, png).orElseGet(() -> begun(demo, png));
    }

    /** A job as it is begun: its brief, a palette and some areas coloured. */
    static Job begun(SkerryDrawing demo, byte[] png) {
        Job named = Job.of(new Source(demo.fileName(), png)).withTitle(demo.title());
        Job bare = named.withLog(named.log().withWork(work -> work.withTools(TOOLS)));
        if (demo instanceof SkerryMotif motif) {
            return bare.withSwatches(MotifColours.palette(motif))
                    .withFills(MotifColours.fills(motif))
                    .withBrief(brief("Skerry Mail shop"))
                    .withGoods(
                            wanted(
                                    GoodsSection.UNDECIDED,
                                    UsualGoods.of(GoodsKind.STICKER_SHEET),
                                    MOTIF_MM,
                                    50));
        }
        SkerryMail mail = (SkerryMail) demo;
        return bare.withSwatches(palette(mail))
                .withFills(fills(mail))
                .withBrief(brief(mail == SkerryMail.GLASSHOUSE ? "" : "Skerry Mail shop"))
                .withGoods(goods(mail));
    }

    /** One that somebody has finished, by what was decided then: see {@link Finishing}. */
    private static Optional<Job> finished(SkerryDrawing demo, byte[] png) {
        try (InputStream in = SkerryJobs.class.getResourceAsStream(resource(demo))) {
            return in == null ? Optional.empty() : Optional.of(JobFile.of(in.readAllBytes(), png));
        } catch (IOException e) {
            throw new IllegalStateException("the demo's decisions can be read", e);
        }
    }

    static String resource(SkerryDrawing demo) {
        return demo.name().toLowerCase(Locale.ROOT) + ".json";
    }

    private static BriefSection brief(String client) {
        Reference own = new Reference("sketches from the skerry", "", Reference.Use.OWN);
        return BriefSection.EMPTY.withClient(client).with(own);
    }

    /** What each drawing is for: common sizes, and how many the shop wants. */
    private static GoodsSection goods(SkerryMail mail) {
        GoodsSection none = GoodsSection.UNDECIDED;
        return switch (mail) {
            case PUFFIN -> wanted(none, UsualGoods.of(GoodsKind.STICKER), 80, 200);
            case MAIL_BOAT -> {
                Goods shirt = UsualGoods.of(GoodsKind.SHIRT);
                yield wanted(none, shirt.withPrinting(shirt.printing().withMostInks(5)), 280, 40);
            }
            case GLASSHOUSE -> none.with(UsualGoods.of(GoodsKind.COLOURING_PAGE));
            case MOTH -> none.with(UsualGoods.of(GoodsKind.TRANSFER_STENCIL));
        };
    }

    private static GoodsSection wanted(
            GoodsSection section, Goods goods, double widthMm, int pieces) {
        GoodsSection next = section.with(goods.withSizing(goods.sizing().withWidthMm(widthMm)));
        return next.with(
                next.main()
                        .orElseThrow()
                        .withPieces(pieces)
                        .withCosts(goods.kind() == GoodsKind.SHIRT ? SHIRT_COSTS : STICKER_COSTS));
    }

    private static List<Swatch> palette(SkerryMail mail) {
        return switch (mail) {
            case PUFFIN ->
                    swatches(
                            swatch(1, "Beak orange", 0, 62, 92, 0),
                            swatch(2, "Gorse yellow", 0, 22, 84, 0),
                            swatch(3, "Slate blue", 58, 34, 22, 8),
                            swatch(4, "Satchel tan", 12, 42, 66, 8),
                            swatch(5, "Post navy", 92, 72, 28, 24),
                            swatch(6, "Letter cream", 2, 5, 18, 0),
                            swatch(7, "Skerry grey", 22, 16, 24, 18));
            case MAIL_BOAT ->
                    swatches(
                            swatch(1, "Wave green", 72, 18, 42, 4),
                            swatch(2, "Sun gold", 0, 26, 78, 0),
                            swatch(3, "Hull red", 8, 88, 82, 4),
                            swatch(4, "Foam", 12, 2, 6, 0));
            case GLASSHOUSE ->
                    swatches(
                            swatch(1, "Leaf green", 62, 12, 80, 6),
                            swatch(2, "Terracotta", 8, 62, 70, 6),
                            swatch(3, "Tulip pink", 2, 64, 18, 0),
                            swatch(4, "Glass blue", 24, 4, 8, 0));
            case MOTH -> swatches(swatch(1, "Stencil black", 0, 0, 0, 100));
        };
    }

    private static List<Fill> fills(SkerryMail mail) {
        return switch (mail) {
            case PUFFIN ->
                    fills(
                            new double[][] {
                                {1, 66, 23.5},
                                {1, 77.4, 24},
                                {1, 66, 35},
                                {1, 77.2, 35},
                                {1, 84, 27.6},
                                {1, 82.6, 33.6},
                                {2, 71.6, 24},
                                {2, 71.6, 35},
                                {2, 62.8, 28.6},
                                {5, 46, 8},
                                {3, 66, 15.6},
                                {2, 49.6, 8.2},
                                {3, 37, 60},
                                {3, 37, 71.4},
                                {5, 37, 79.5},
                                {5, 32.4, 79.4},
                                {5, 41.2, 77.6},
                                {4, 56, 84},
                                {4, 56, 71},
                                {2, 65, 67.9},
                                {7, 46, 102},
                                {6, 70.4, 59.4},
                                {6, 60.6, 57.8},
                                {7, 70, 104}
                            });
            case MAIL_BOAT ->
                    fills(
                            new double[][] {
                                {1, 12, 90},
                                {1, 18.6, 86},
                                {1, 26, 86},
                                {3, 84, 68},
                                {4, 46, 60},
                                {2, 62, 28},
                                {2, 40, 36},
                                {2, 86, 27.6},
                                {3, 78.5, 31},
                                {1, 103, 95},
                                {1, 118, 116}
                            });
            case GLASSHOUSE, MOTH -> List.of();
        };
    }

    private static Swatch swatch(int id, String name, double c, double m, double y, double k) {
        return new Swatch(id, name, new Cmyk(c, m, y, k));
    }

    private static List<Swatch> swatches(Swatch... swatches) {
        return List.of(swatches);
    }

    private static List<Fill> fills(double[][] places) {
        List<Fill> fills = new ArrayList<>();
        for (double[] place : places) {
            fills.add(new Fill(new Point(place[1], place[2]), (int) place[0]));
        }
        return fills;
    }
}
