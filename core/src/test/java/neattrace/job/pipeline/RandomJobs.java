package neattrace.job.pipeline;

import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.geom.Ellipse2D;
import java.awt.geom.Line2D;
import java.awt.geom.Rectangle2D;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.SplittableRandom;
import neattrace.flat.AreaGroup;
import neattrace.flat.Colourway;
import neattrace.flat.Fill;
import neattrace.flat.Form;
import neattrace.flat.Palette;
import neattrace.flat.StarterColours;
import neattrace.flat.Swatch;
import neattrace.geom.Point;
import neattrace.goods.Goods;
import neattrace.goods.GoodsKind;
import neattrace.goods.Sizing;
import neattrace.goods.UsualGoods;
import neattrace.job.GoodsSection;
import neattrace.job.Job;
import neattrace.job.Source;
import neattrace.press.BlackRule;
import neattrace.press.Cmyk;
import neattrace.region.Join;
import neattrace.sheet.FrameRecipe.Crop;
import neattrace.sheet.LightRecipe;
import neattrace.sheet.Mask;
import neattrace.sheet.SharpenRecipe;
import neattrace.sheet.SheetShape;
import neattrace.sheet.SpeckRecipe;
import neattrace.testing.Pictures;
import neattrace.trace.InkEdit;
import neattrace.trace.InkShape;
import neattrace.trace.LineColour;
import neattrace.trace.LineRecipe;
import neattrace.trace.PointEdit;
import neattrace.trace.WeightRecipe;

/** Small jobs of any kind, and changes of any kind to them. */
public final class RandomJobs {

    /** Their pictures have about so many pixels a side, at 300 ppi. */
    private static final int SIDE = 150;

    private static final double MM = SIDE * 25.4 / 300;

    private static final int KINDS = 26;

    private final SplittableRandom chance;

    /** Random ones; the same for the same seed. */
    public RandomJobs(long seed) {
        chance = new SplittableRandom(seed);
    }

    /** Rings, boxes and strokes, grey or of one bit. */
    public Job job() throws IOException {
        boolean oneBit = chance.nextInt(3) == 0;
        BufferedImage image =
                Pictures.plain(
                        SIDE + chance.nextInt(30),
                        SIDE + chance.nextInt(30),
                        oneBit ? BufferedImage.TYPE_BYTE_BINARY : BufferedImage.TYPE_BYTE_GRAY,
                        0xFFFFFFFF);
        Graphics2D g = image.createGraphics();
        g.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
        g.setColor(Color.BLACK);
        for (int k = 3 + chance.nextInt(5); k > 0; k--) {
            g.setStroke(new BasicStroke(2 + chance.nextInt(6)));
            double x = px();
            double y = px();
            double size = chance.nextDouble(20, 90);
            switch (chance.nextInt(3)) {
                case 0 -> g.draw(new Ellipse2D.Double(x - size / 2, y - size / 2, size, size));
                case 1 -> g.draw(new Rectangle2D.Double(x - size / 2, y - size / 3, size, size));
                default -> g.draw(new Line2D.Double(x, y, px(), px()));
            }
        }
        g.dispose();
        return Job.of(new Source("random.png", Pictures.png(image, 300)))
                .withSwatches(List.of(StarterColours.swatch(1), StarterColours.swatch(2)));
    }

    /** Any one of some. */
    public <T> T oneOf(List<T> all) {
        return all.get(chance.nextInt(all.size()));
    }

    private double px() {
        return chance.nextDouble(15, SIDE - 15);
    }

    private Point at() {
        return new Point(chance.nextDouble(1, MM - 1), chance.nextDouble(1, MM - 1));
    }

    private int swatch(Job job) {
        return job.swatches().get(chance.nextInt(job.swatches().size())).id();
    }

    /** The same with one decision more or another. */
    public Job changed(Job job) {
        if (job.swatches().isEmpty()) {
            return job.withSwatch(StarterColours.swatch(job.freeSwatchId()));
        }
        return switch (chance.nextInt(KINDS)) {
            case 0 -> job.withRecipe(job.recipe().withInkPercent(chance.nextInt(35, 65)));
            case 1 ->
                    job.withRecipe(
                            job.recipe()
                                    .withSpecks(
                                            new SpeckRecipe(
                                                    chance.nextDouble(0, 0.5),
                                                    chance.nextDouble(0, 0.5))));
            case 2 ->
                    job.withRecipe(
                            job.recipe()
                                    .withFrame(job.recipe().frame().withTilt(chance.nextInt(3))));
            case 3 ->
                    job.withRecipe(
                            job.recipe()
                                    .withFrame(
                                            job.recipe()
                                                    .frame()
                                                    .withCrop(
                                                            chance.nextBoolean()
                                                                    ? Optional.empty()
                                                                    : Optional.of(
                                                                            new Crop(
                                                                                    5, 4, 130,
                                                                                    128)))));
            case 4 ->
                    job.withRecipe(
                            job.recipe()
                                    .withMask(
                                            new Mask(
                                                    new SheetShape.Brush(
                                                            List.of(new Point(px(), px())), 6),
                                                    Mask.Kind.values()[chance.nextInt(3)])));
            case 5 ->
                    job.withRecipe(
                            job.recipe()
                                    .withSharpen(
                                            chance.nextBoolean()
                                                    ? SharpenRecipe.STRONG
                                                    : SharpenRecipe.NONE));
            case 6 ->
                    job.withRecipe(
                            job.recipe()
                                    .withLight(
                                            LightRecipe.AUTOMATIC.withEven(chance.nextBoolean())));
            case 7 -> job.withPpi(chance.nextInt(2) * 320);
            case 8 -> job.withClose(job.close().withGapMm(chance.nextInt(5) * 0.4));
            case 9 -> job.withClose(job.close().withJoins(List.of(line())));
            case 10 -> job.withClose(job.close().withCuts(List.of(line())));
            case 11 -> job.withClose(job.close().withFrameMm(chance.nextBoolean() ? -1 : 0.5));
            case 12 -> job.withClose(job.close().with(at(), chance.nextBoolean()));
            case 13 -> job.withLine(job.line().withWeight(weight(job.line().weight())));
            case 14 -> job.withLine(job.line().withMaxErrorPx(chance.nextDouble(0.2, 1)));
            case 15 -> job.withLine(job.line().with(stroke()));
            case 16 -> job.withLine(job.line().with((PointEdit) new PointEdit.Add(at())));
            case 17 -> job.withLine(coloured(job));
            case 18 -> job.withGoods(goods(job.goods()));
            case 19 -> job.withSwatch(StarterColours.swatch(job.freeSwatchId()));
            case 20 -> job.swatches().size() < 2 ? job : job.withoutSwatch(swatch(job));
            case 21 -> job.withSwatch(recoloured(job));
            case 22 -> colourway(job);
            case 23 -> job.withGroups(List.of(new AreaGroup("Group", List.of(at(), at()))));
            case 24 -> job.withFlat(job.flat().withForms(List.of(form(job))));
            default -> fillsOrBlack(job);
        };
    }

    private GoodsSection goods(GoodsSection section) {
        GoodsKind[] kinds = GoodsKind.values();
        Goods goods = UsualGoods.of(kinds[chance.nextInt(kinds.length)]);
        Sizing sizing = goods.sizing().withWidthMm(chance.nextDouble(10, 300));
        return section.wanted().size() > 2
                ? section.without(section.wanted().get(0).id())
                : section.with(goods.withSizing(sizing));
    }

    private Job fillsOrBlack(Job job) {
        if (chance.nextInt(4) == 0) {
            return job.withBlack(chance.nextBoolean() ? BlackRule.RICH : BlackRule.K_ONLY);
        }
        List<Fill> fills = new ArrayList<>(job.fills());
        for (int k = 0; k < 3; k++) {
            fills.add(new Fill(at(), swatch(job)));
        }
        return job.withFills(chance.nextInt(5) == 0 ? List.of() : fills);
    }

    private Join line() {
        return new Join(List.of(at(), at()));
    }

    private WeightRecipe weight(WeightRecipe now) {
        return switch (chance.nextInt(5)) {
            case 0 -> now.withEvenMm(chance.nextInt(3) * 0.3);
            case 1 -> now.withAllMm(chance.nextInt(3) * 0.1 - 0.1);
            case 2 -> now.withOutsideMm(chance.nextInt(3) * 0.2);
            case 3 -> now.withTaperShare(chance.nextInt(2) * 0.3);
            default -> WeightRecipe.AS_DRAWN;
        };
    }

    private InkEdit stroke() {
        Point from = at();
        Point to = at();
        return new InkEdit(
                "Line drawn",
                from,
                List.of(),
                List.of(
                        new InkShape.Stroke(
                                new double[] {from.x(), to.x()},
                                new double[] {from.y(), to.y()},
                                new double[] {0.4, 0.3})));
    }

    private LineRecipe coloured(Job job) {
        LineColour colour =
                switch (chance.nextInt(3)) {
                    case 0 -> LineColour.BLACK;
                    case 1 -> new LineColour(swatch(job), chance.nextBoolean(), List.of());
                    default ->
                            new LineColour(
                                    0, false, List.of(new LineColour.Hold(at(), swatch(job))));
                };
        return job.line().withColour(colour);
    }

    private Swatch recoloured(Job job) {
        Swatch swatch = job.swatch(swatch(job)).orElseThrow();
        return swatch.withBuild(new Cmyk(chance.nextInt(100), 20, chance.nextInt(100), 0));
    }

    private Job colourway(Job job) {
        Palette palette = job.palette();
        if (palette.shown() != Palette.FIRST) {
            return job.withPalette(
                    new Palette(
                            palette.swatches(),
                            palette.colourways(),
                            Palette.FIRST,
                            palette.lastId()));
        }
        Colourway night =
                new Colourway(
                        "Night", Map.of(swatch(job), Colourway.Ink.of(new Cmyk(60, 40, 20, 10))));
        return job.withPalette(
                new Palette(palette.swatches(), List.of(night), 0, palette.lastId()));
    }

    private Form form(Job job) {
        return switch (chance.nextInt(3)) {
            case 0 -> new Form.Inset(at(), 0.4, swatch(job));
            case 1 -> new Form.Side(at(), 0.5, chance.nextBoolean(), swatch(job));
            default -> new Form.Cast(0.8, swatch(job));
        };
    }
}
