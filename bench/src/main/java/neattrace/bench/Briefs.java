package neattrace.bench;

import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.Font;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.font.FontRenderContext;
import java.awt.geom.Ellipse2D;
import java.awt.geom.Line2D;
import java.awt.geom.Rectangle2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.Set;
import neattrace.finding.Finding;
import neattrace.finding.Findings;
import neattrace.finding.Group;
import neattrace.finding.Place;
import neattrace.geom.Point;
import neattrace.goods.Detail;
import neattrace.goods.Goods;
import neattrace.goods.GoodsFit;
import neattrace.goods.GoodsKind;
import neattrace.goods.UsualGoods;
import neattrace.inspection.Inspector;
import neattrace.job.Job;
import neattrace.job.Lettering;
import neattrace.job.Source;
import neattrace.job.pipeline.Drawing;
import neattrace.job.pipeline.Pipeline;
import neattrace.raster.PngFile;
import neattrace.stage.Progress;

/**
 * Briefs with known truth: lines, gaps, areas and lettering a little above and a little below what
 * each kind of goods holds, in random places, directions and sizes of goods. Told are how many of
 * what is below are found, and how much else is.
 */
public final class Briefs {

    private static final double PPI = 600;
    private static final double PX_PER_MM = PPI / 25.4;

    /** The drawing's frame, which makes its size known, mm. */
    private static final double FRAME_MM = 120;

    private static final double CELL_MM = 20;
    private static final int ROUNDS = 4;

    /** How far below and above a limit things are planted, as shares of it. */
    private static final double LEAST_OFF = 0.08;

    private static final double MOST_OFF = 0.3;

    private static final Set<String> KINDS =
            Set.of("line-too-thin", "gap-too-narrow", "area-too-small", "lettering-small");

    private record Planted(String kind, Point at, boolean below) {}

    private final Random random;
    private final Goods goods;
    private final double factor;
    private final Graphics2D g;
    private final List<Planted> planted = new ArrayList<>();
    private final List<Lettering> lettering = new ArrayList<>();
    private final BufferedImage image;

    private Briefs(Random random, GoodsKind kind) {
        this.random = random;
        Goods usual = UsualGoods.of(kind);
        double width = usual.sizing().widthMm() * (0.8 + 0.4 * random.nextDouble());
        this.goods = usual.withSizing(usual.sizing().withWidthMm(width));
        this.factor = GoodsFit.of(goods, FRAME_MM, FRAME_MM).factor();
        int side = (int) Math.round((FRAME_MM + 10) * PX_PER_MM);
        this.image = new BufferedImage(side, side, BufferedImage.TYPE_BYTE_GRAY);
        this.g = image.createGraphics();
    }

    /** Prints one row for each kind of goods, and all together. */
    public static void main(String[] arguments) throws IOException {
        RecallTable table = new RecallTable("goods", "below");
        for (GoodsKind kind : GoodsKind.values()) {
            if (kind == GoodsKind.FILM) {
                continue;
            }
            List<int[]> rounds = new ArrayList<>();
            for (int round = 0; round < ROUNDS; round++) {
                Random random = new Random(1000L * kind.ordinal() + round);
                rounds.add(new Briefs(random, kind).measure());
            }
            table.row(kind.key(), rounds);
        }
        table.all();
    }

    private int[] measure() throws IOException {
        draw();
        ByteArrayOutputStream png = new ByteArrayOutputStream();
        PngFile.write(image, PPI, png);
        Job job = Job.of(new Source("brief.png", png.toByteArray()));
        job = job.withGoods(job.goods().with(goods));
        job = job.withBrief(job.brief().withLettering(lettering));
        Pipeline pipeline = new Pipeline();
        Drawing drawing = pipeline.run(job, Progress.SILENT);
        Findings findings = new Inspector(pipeline, Inspector.ALL).look(drawing, Progress.SILENT);
        return compare(findings);
    }

    private int[] compare(Findings findings) {
        List<Finding> found = new ArrayList<>();
        for (Group group : findings.groups()) {
            if (KINDS.contains(group.kind().key())) {
                found.addAll(group.findings());
            }
        }
        int below = 0;
        int hit = 0;
        boolean[] explained = new boolean[found.size()];
        for (Planted one : planted) {
            boolean seen = false;
            for (int k = 0; k < found.size(); k++) {
                boolean here =
                        found.get(k).kind().key().equals(one.kind())
                                && found.get(k)
                                                .place()
                                                .map(Place::at)
                                                .orElseThrow()
                                                .distance(one.at())
                                        < CELL_MM / 2;
                seen |= here;
                explained[k] |= here && one.below();
            }
            below += one.below() ? 1 : 0;
            hit += one.below() && seen ? 1 : 0;
            if (one.below() && !seen && Boolean.getBoolean("neattrace.verbose")) {
                System.out.println("  missed: " + one + " on " + goods.words());
            }
        }
        int wrong = 0;
        for (int k = 0; k < explained.length; k++) {
            if (!explained[k]) {
                wrong++;
                if (Boolean.getBoolean("neattrace.verbose")) {
                    System.out.println(
                            "  false: "
                                    + found.get(k).title()
                                    + " "
                                    + found.get(k).place().get().at());
                }
            }
        }
        return new int[] {below, hit, wrong};
    }

    private void draw() {
        g.setColor(Color.WHITE);
        g.fillRect(0, 0, image.getWidth(), image.getHeight());
        g.setColor(Color.BLACK);
        g.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
        g.setRenderingHint(RenderingHints.KEY_STROKE_CONTROL, RenderingHints.VALUE_STROKE_PURE);
        g.scale(PX_PER_MM, PX_PER_MM);
        double thick = bold();
        g.setStroke(new BasicStroke((float) thick));
        g.draw(
                new Rectangle2D.Double(
                        5 + thick / 2, 5 + thick / 2, FRAME_MM - thick, FRAME_MM - thick));
        int cells = (int) (FRAME_MM / CELL_MM);
        for (int row = 0; row < cells; row++) {
            for (int column = 0; column < cells; column++) {
                Point middle =
                        new Point(
                                5 + (column + 0.5) * CELL_MM + random.nextDouble() - 0.5,
                                5 + (row + 0.5) * CELL_MM + random.nextDouble() - 0.5);
                plant((row * cells + column) % 4, middle, random.nextBoolean());
            }
        }
        g.dispose();
    }

    /** A pen that everything holds. */
    private double bold() {
        return Math.max(0.5, 2 * Math.max(goods.detail().lineMm(), 0.3) / factor);
    }

    /** A measure on the page, a little below or above a limit on the goods. */
    private double off(double limit, boolean below) {
        double share = LEAST_OFF + (MOST_OFF - LEAST_OFF) * random.nextDouble();
        return limit * (below ? 1 - share : 1 + share) / factor;
    }

    private void plant(int what, Point at, boolean below) {
        Detail detail = goods.detail();
        double turn = random.nextDouble() * Math.PI;
        switch (what) {
            case 0 -> {
                line(at, turn, off(detail.lineMm(), below), 12);
                planted.add(new Planted("line-too-thin", at, below));
            }
            case 1 -> {
                double gap = off(detail.gapMm(), below);
                double pen = bold();
                Point across = new Point(-Math.sin(turn), Math.cos(turn)).times((gap + pen) / 2);
                if (14 > 6 * pen && gap + 2 * pen < 16) {
                    line(at.plus(across), turn, pen, 14);
                    line(at.minus(across), turn, pen, 14);
                    planted.add(new Planted("gap-too-narrow", at, below));
                }
            }
            case 2 -> {
                double across = off(detail.areaMm(), below);
                double pen = bold();
                if (detail.areaMm() > 0 && across + 2 * pen < 18) {
                    g.setStroke(new BasicStroke((float) pen));
                    double side = across + pen;
                    g.draw(new Ellipse2D.Double(at.x() - side / 2, at.y() - side / 2, side, side));
                    planted.add(new Planted("area-too-small", at, below));
                }
            }
            default -> letters(at, off(detail.xHeightMm(), below), below);
        }
    }

    private void line(Point at, double turn, double pen, double length) {
        g.setStroke(new BasicStroke((float) pen, BasicStroke.CAP_ROUND, BasicStroke.JOIN_ROUND));
        double dx = Math.cos(turn) * length / 2;
        double dy = Math.sin(turn) * length / 2;
        g.draw(new Line2D.Double(at.x() - dx, at.y() - dy, at.x() + dx, at.y() + dy));
    }

    private void letters(Point at, double xHeight, boolean below) {
        if (goods.detail().xHeightMm() == 0) {
            return;
        }
        Font font = new Font(Font.SANS_SERIF, Font.BOLD, 1);
        double own =
                font.deriveFont(100f)
                        .createGlyphVector(new FontRenderContext(null, true, true), "x")
                        .getVisualBounds()
                        .getHeight();
        Font sized = font.deriveFont((float) (100 * xHeight / own));
        String word = xHeight > 3.5 ? "mox" : "Skerry mox";
        var bounds =
                sized.createGlyphVector(new FontRenderContext(null, true, true), word)
                        .getVisualBounds();
        if (bounds.getWidth() > 18) {
            return;
        }
        g.setFont(sized);
        double x = at.x() - bounds.getCenterX();
        double y = at.y() - bounds.getCenterY();
        g.drawString(word, (float) x, (float) y);
        lettering.add(
                Lettering.between(
                        new Point(x + bounds.getMinX() - 0.5, y + bounds.getMinY() - 0.5),
                        new Point(x + bounds.getMaxX() + 0.5, y + bounds.getMaxY() + 0.5)));
        planted.add(new Planted("lettering-small", at, below));
    }
}
