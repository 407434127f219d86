package neattrace.inspection;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.geom.Arc2D;
import java.awt.geom.Ellipse2D;
import java.awt.geom.Line2D;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.LongStream;
import neattrace.finding.Answer;
import neattrace.finding.Cost;
import neattrace.finding.Finding;
import neattrace.finding.Findings;
import neattrace.finding.FindingsJson;
import neattrace.finding.Group;
import neattrace.finding.Kind;
import neattrace.finding.Place;
import neattrace.finding.Severity;
import neattrace.flat.Fill;
import neattrace.flat.Swatch;
import neattrace.geom.Point;
import neattrace.goods.Goods;
import neattrace.goods.GoodsKind;
import neattrace.goods.Sizing;
import neattrace.goods.UsualGoods;
import neattrace.job.Job;
import neattrace.job.Settled;
import neattrace.job.Source;
import neattrace.job.pipeline.Drawing;
import neattrace.job.pipeline.Pipeline;
import neattrace.job.pipeline.RandomJobs;
import neattrace.press.Cmyk;
import neattrace.region.Mend;
import neattrace.stage.Progress;
import neattrace.stage.Same;
import neattrace.testing.Jobs;
import neattrace.testing.Pictures;
import neattrace.trace.LineColour;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

@Tag("thorough")
class InspectorTest {

    private static final int JOBS = Integer.getInteger("neattrace.randomJobs", 60) / 3;
    private static final int CHANGES = 4;

    private final Pipeline pipeline = new Pipeline();
    private final Inspector inspector = new Inspector(pipeline, Inspector.ALL);

    private Drawing drawing;

    private Findings look(Job job) throws IOException {
        drawing = pipeline.run(job, Progress.SILENT);
        return inspector.look(drawing, Progress.SILENT);
    }

    private static Optional<Group> group(Findings findings, String key) {
        return findings.groups().stream()
                .filter(group -> group.kind().key().equals(key))
                .findFirst();
    }

    private static Answer.Change change(List<Answer> answers, String key) {
        return answers.stream()
                .filter(answer -> answer.key().equals(key))
                .map(Answer.Change.class::cast)
                .findFirst()
                .orElseThrow();
    }

    /** Rings, each with an opening of its own width at its right side, px at 300 ppi. */
    private static Job openRings(int... openings) throws IOException {
        BufferedImage image =
                Pictures.plain(
                        60 + 170 * openings.length, 200, BufferedImage.TYPE_BYTE_GRAY, 0xFFFFFFFF);
        Graphics2D g = image.createGraphics();
        g.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
        g.setColor(Color.BLACK);
        g.setStroke(new BasicStroke(5, BasicStroke.CAP_BUTT, BasicStroke.JOIN_ROUND));
        for (int k = 0; k < openings.length; k++) {
            double degrees = Math.toDegrees(openings[k] / 70.0);
            g.draw(
                    new Arc2D.Double(
                            30 + 170 * k, 30, 140, 140, degrees / 2, 360 - degrees, Arc2D.OPEN));
        }
        g.dispose();
        return Job.of(new Source("rings.png", Pictures.png(image, 300)));
    }

    static LongStream seeds() {
        return LongStream.rangeClosed(1001, 1000 + JOBS);
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void whatIsFoundAfterChangesIsWhatAFreshLookFinds(long seed) throws IOException {
        RandomJobs random = new RandomJobs(seed);
        Job job = random.job();
        look(job);
        for (int k = 0; k < CHANGES; k++) {
            job = random.changed(job);
            String taken = json(look(job));
            Pipeline anew = new Pipeline();
            Drawing fresh = anew.run(job, Progress.SILENT);
            String found =
                    json(new Inspector(anew, Inspector.ALL).look(fresh, Progress.SILENT), fresh);
            assertThat(withoutCurves(taken)).isEqualTo(withoutCurves(found));
            job = answered(job, random);
        }
    }

    /** Where only what changed is traced anew, curves cut elsewhere short than if all were. */
    private static String withoutCurves(String json) {
        // Whichever of several elements it is, the list stays one.
        return json.replaceAll("(?s)(, )?\\{[^{}]*\"kind\" : \"off-the-scan\".*?\\n}", "")
                .replace("[ , ", "[ ");
    }

    /** Any answer can be given at any time. */
    private Job answered(Job job, RandomJobs random) throws IOException {
        List<Answer.Change> changes = new ArrayList<>();
        for (Group group : look(job).groups()) {
            List<Answer> answers = new ArrayList<>(group.answers());
            group.findings().forEach(finding -> answers.addAll(finding.answers()));
            answers.stream()
                    .filter(Answer.Change.class::isInstance)
                    .map(Answer.Change.class::cast)
                    .forEach(changes::add);
        }
        for (Answer.Change change : changes) {
            assertThat(change.apply(job, drawing)).isNotNull();
        }
        return changes.isEmpty() ? job : random.oneOf(changes).apply(job, drawing);
    }

    private String json(Findings findings) {
        return json(findings, drawing);
    }

    private static String json(Findings findings, Drawing of) {
        return FindingsJson.write(findings, of.widthMm(), of.heightMm());
    }

    @Test
    void aCleanColouredDrawingHasNothingThatStopsIt() throws IOException {
        Findings findings = look(Jobs.coloured());
        assertThat(findings.stop()).isFalse();
        assertThat(findings.groups())
                .extracting(group -> group.kind().key())
                .containsOnly("colour-used-once");
    }

    @Test
    void aPageThatNobodyBeganToColourHasNoMissedAreas() throws IOException {
        Findings findings = look(Jobs.plain());
        assertThat(group(findings, "area-bare")).isEmpty();
        Group uncoloured = group(findings, "not-coloured").orElseThrow();
        assertThat(uncoloured.kind().severity()).isEqualTo(Severity.INFO);
        assertThat(uncoloured.title()).isEqualTo("2 areas to colour");
        assertThat(findings.kinds("flats", Severity.LOOK)).isZero();
    }

    @Test
    void aMissedAreaIsFoundWhereItIsAndCanBeLeftBare() throws IOException {
        Job job = Jobs.coloured().withFills(List.of(new Fill(new Point(10, 5), Jobs.OUTER.id())));
        Group bare = group(look(job), "area-bare").orElseThrow();
        assertThat(bare.findings()).hasSize(1);
        Point at = bare.findings().get(0).place().map(Place::at).orElseThrow();
        assertThat(at.distance(new Point(10, 10))).isLessThan(3.5);
        Job left = change(bare.findings().get(0).answers(), "leave-bare").apply(job, drawing);
        assertThat(group(look(left), "area-bare")).isEmpty();
    }

    @Test
    void allOpeningsAreClosedAtOnceAndTellThatTheyAreDecided() throws IOException {
        Job job = openRings(20, 24, 22);
        Job narrow = job.withClose(job.close().withGapMm(1.1));
        Group open = group(look(narrow), "gap-open").orElseThrow();
        assertThat(open.count()).isEqualTo(3);
        assertThat(open.title()).isEqualTo("3 openings: slips, or meant?");
        assertThat(drawing.areas().enclosed()).isEmpty();
        Job closed = change(open.answers(), "close").apply(narrow, drawing);
        Findings then = look(closed);
        assertThat(drawing.areas().enclosed()).hasSize(3);
        assertThat(group(then, "gap-open")).isEmpty();
    }

    @Test
    void openingsThatAreMeantStayMeant() throws IOException {
        Job job = openRings(20, 24);
        Job narrow = job.withClose(job.close().withGapMm(1.1));
        Group open = group(look(narrow), "gap-open").orElseThrow();
        Job meant = change(open.answers(), "open").apply(narrow, drawing);
        assertThat(group(look(meant), "gap-open")).isEmpty();
        assertThat(drawing.areas().enclosed()).isEmpty();
    }

    @Test
    void anOpeningIsMeasuredAndDrawnShutInInkIfThatIsTheWay() throws IOException {
        Job job = openRings(22);
        Job narrow = job.withClose(job.close().withGapMm(1.1).withMend(Mend.INK));
        Group open = group(look(narrow), "gap-open").orElseThrow();
        Finding gap = open.findings().get(0);
        // Between the inner corners, an arc of 22 px at 70 px from the middle is 21 px at 67.5.
        assertThat(gap.measure().orElseThrow().value()).isCloseTo(1.8, within(0.2));
        Job drawn = change(gap.answers(), "close").apply(narrow, drawing);
        assertThat(drawn.line().edits()).hasSize(1);
        look(drawn);
        assertThat(drawing.areas().enclosed()).hasSize(1);
    }

    @Test
    void aLineThinnerThanTheGoodsHoldIsThickenedWithAllItsKind() throws IOException {
        BufferedImage image = Pictures.plain(400, 200, BufferedImage.TYPE_BYTE_GRAY, 0xFFFFFFFF);
        Graphics2D g = image.createGraphics();
        g.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
        g.setColor(Color.BLACK);
        g.setStroke(new BasicStroke(4));
        for (int k = 0; k < 3; k++) {
            g.draw(new Line2D.Double(40, 50 + 50 * k, 360, 50 + 50 * k));
        }
        g.dispose();
        Job job = Job.of(new Source("lines.png", Pictures.png(image, 300)));
        Goods own = UsualGoods.UNDECIDED.withDetail(UsualGoods.UNDECIDED.detail().withLineMm(0.5));
        Job thin = job.withGoods(job.goods().with(own));
        Group group = group(look(thin), "line-too-thin").orElseThrow();
        assertThat(group.count()).isEqualTo(3);
        Finding one = group.findings().get(0);
        assertThat(one.limit()).contains(0.5);
        assertThat(one.measure().orElseThrow().value()).isBetween(0.28, 0.4);
        Job thick = change(group.answers(), "mend").apply(thin, drawing);
        assertThat(thick.line().edits()).hasSize(1);
        assertThat(group(look(thick), "line-too-thin")).isEmpty();
        Job left = change(group.answers(), "leave").apply(thin, drawing);
        assertThat(group(look(left), "line-too-thin")).isEmpty();
    }

    /**
     * Three lines 0.4 mm wide with 0.5 mm between them, at half their size on goods that hold lines
     * and paper from 0.22 mm on. Scaled, lines become 0.2 mm and paper 0.25; kept as wide as drawn,
     * lines stay 0.4 mm and paper becomes half of 0.9 mm less 0.4: 0.05.
     */
    @Test
    void linesThatKeepTheirWidthAreHeldAgainstTheGoodsWithIt() throws IOException {
        double pxPerMm = 600 / 25.4;
        BufferedImage image = Pictures.plain(900, 200, BufferedImage.TYPE_BYTE_GRAY, 0xFFFFFFFF);
        Graphics2D g = image.createGraphics();
        g.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
        g.setRenderingHint(RenderingHints.KEY_STROKE_CONTROL, RenderingHints.VALUE_STROKE_PURE);
        g.setColor(Color.BLACK);
        g.setStroke(new BasicStroke((float) (0.4 * pxPerMm)));
        for (int k = 0; k < 3; k++) {
            double y = 60 + 0.9 * pxPerMm * k;
            g.draw(new Line2D.Double(50, y, 850, y));
        }
        g.dispose();
        double halfMm = 800 / pxPerMm / 2;
        Goods usual = UsualGoods.of(GoodsKind.SHIRT);
        Goods half =
                usual.withSizing(usual.sizing().withFit(Sizing.Fit.WIDTH).withWidthMm(halfMm))
                        .withDetail(usual.detail().withLineMm(0.22).withGapMm(0.22));
        Job job = Job.of(new Source("lines.png", Pictures.png(image, 600)));
        Job scaled = job.withGoods(job.goods().with(half));
        Findings found = look(scaled);
        Finding thin = group(found, "line-too-thin").orElseThrow().findings().get(0);
        assertThat(thin.measure().orElseThrow().value()).isCloseTo(0.2, within(0.01));
        assertThat(group(found, "gap-too-narrow")).isEmpty();
        Job kept =
                scaled.withGoods(
                        scaled.goods()
                                .with(scaled.goods().main().orElseThrow().withWeightsKept(true)));
        Findings others = look(kept);
        assertThat(group(others, "line-too-thin")).isEmpty();
        Finding tight = group(others, "gap-too-narrow").orElseThrow().findings().get(0);
        assertThat(tight.measure().orElseThrow().value()).isCloseTo(0.05, within(0.012));
        assertThat(tight.title()).contains("lines as wide as drawn");
    }

    @Test
    void aMarginThatPrintersLeaveBareIsMadeTheUsualOne() throws IOException {
        Goods page = UsualGoods.of(GoodsKind.COLOURING_PAGE);
        Goods narrow = page.withEdges(page.edges().withSafeMm(2));
        Job job = Jobs.plain();
        Job tight = job.withGoods(job.goods().with(narrow).with(page));
        Group group = group(look(tight), "margin-narrow").orElseThrow();
        Finding one = group.findings().get(0);
        assertThat(group.count()).as("the other has its margin").isEqualTo(1);
        assertThat(one.goods()).containsExactly("colouring-page");
        assertThat(one.measure().orElseThrow().value()).isEqualTo(2);
        assertThat(one.limit()).contains(6.0);
        Job mended = change(one.answers(), "usual-margin").apply(tight, drawing);
        assertThat(group(look(mended), "margin-narrow")).isEmpty();
        Job left = change(one.answers(), "leave").apply(tight, drawing);
        assertThat(group(look(left), "margin-narrow")).isEmpty();
    }

    /** True black or a printable tint of 30 to 60 % grey (common practice, no source). */
    @Test
    void linesOfAColouringPageAreBlackOrATintThatIsSeen() throws IOException {
        Job job =
                Jobs.plain()
                        .withSwatches(
                                List.of(
                                        new Swatch(1, "Fog", new Cmyk(0, 0, 0, 20)),
                                        new Swatch(2, "Umber", new Cmyk(30, 45, 55, 30)),
                                        new Swatch(3, "Ink", new Cmyk(0, 0, 0, 100))));
        Job page = job.withGoods(job.goods().with(UsualGoods.of(GoodsKind.COLOURING_PAGE)));
        Job pale = page.withLine(page.line().withColour(LineColour.BLACK.withSwatch(1)));
        Group group = group(look(pale), "lines-pale").orElseThrow();
        Job black = change(group.findings().get(0).answers(), "black").apply(pale, drawing);
        assertThat(group(look(black), "lines-pale")).isEmpty();
        Job umber = page.withLine(page.line().withColour(LineColour.BLACK.withSwatch(2)));
        assertThat(group(look(umber), "lines-pale")).isEmpty();
        assertThat(group(look(umber), "lines-not-black")).isPresent();
        Job ink = page.withLine(page.line().withColour(LineColour.BLACK.withSwatch(3)));
        assertThat(group(look(ink), "lines-not-black")).isEmpty();
        Job sticker = job.withGoods(job.goods().with(UsualGoods.of(GoodsKind.STICKER)));
        Job hold = sticker.withLine(sticker.line().withColour(LineColour.BLACK.withSwatch(1)));
        assertThat(group(look(hold), "lines-pale")).as("a colour hold is fine there").isEmpty();
    }

    @Test
    void tooMuchInkStopsTheJobUntilThereIsLess() throws IOException {
        Job job =
                Jobs.coloured()
                        .withSwatch(new Swatch(Jobs.INNER.id(), "Tar", new Cmyk(90, 90, 90, 90)));
        Findings findings = look(job);
        assertThat(findings.stop()).isTrue();
        assertThat(findings.groups().get(0).kind().key()).isEqualTo("ink-over-limit");
        Finding tar = findings.groups().get(0).findings().get(0);
        assertThat(tar.limit()).contains(300.0);
        Job less = change(tar.answers(), "less").apply(job, drawing);
        assertThat(look(less).stop()).isFalse();
        assertThat(less.swatch(Jobs.INNER.id()).orElseThrow().build().total())
                .isLessThanOrEqualTo(300);
    }

    @Test
    void anUnusedSwatchIsRemovedButNotOneThatCameIntoUse() throws IOException {
        Job job = Jobs.coloured().withSwatch(new Swatch(9, "Spare", new Cmyk(1, 2, 3, 4)));
        Answer.Change remove =
                change(
                        group(look(job), "swatch-unused").orElseThrow().findings().get(0).answers(),
                        "remove");
        assertThat(remove.apply(job, drawing).swatch(9)).isEmpty();
        Job used = job.withFills(List.of(new Fill(new Point(10, 10), 9)));
        Drawing later = pipeline.run(used, Progress.SILENT);
        assertThat(remove.apply(used, later).swatch(9)).isPresent();
    }

    @Test
    void aBlankSheetStopsTheJob() throws IOException {
        BufferedImage image = Pictures.plain(200, 200, BufferedImage.TYPE_BYTE_GRAY, 0xFFFFFFFF);
        Findings findings = look(Job.of(new Source("blank.png", Pictures.png(image, 300))));
        assertThat(findings.stop()).isTrue();
        assertThat(findings.kinds("sheet", Severity.STOP)).isEqualTo(1);
    }

    @Test
    void findingsThatWereLeftInJobsOfOldStayLeft() throws IOException {
        BufferedImage image = Pictures.plain(300, 300, BufferedImage.TYPE_BYTE_GRAY, 0xFFFFFFFF);
        Graphics2D g = image.createGraphics();
        g.setStroke(new BasicStroke(6));
        g.setColor(Color.BLACK);
        g.draw(new Ellipse2D.Double(20, 20, 90, 90));
        g.dispose();
        Job job = Job.of(new Source("corner.png", Pictures.png(image, 300)));
        assertThat(group(look(job), "crop")).isPresent();
        assertThat(group(look(job.withSettled(Settled.whole("sheet", "crop"))), "crop")).isEmpty();
    }

    @Test
    void theMostSeriousComesFirst() throws IOException {
        Job job =
                Jobs.plain()
                        .withSwatches(
                                List.of(new Swatch(1, "Tar", new Cmyk(90, 90, 90, 90)), Jobs.OUTER))
                        .withFills(List.of(new Fill(new Point(10, 5), 2)));
        assertThat(look(job).groups())
                .isSortedAccordingTo(Group.ORDER)
                .extracting(group -> group.kind().severity())
                .contains(Severity.STOP, Severity.LOOK, Severity.INFO);
    }

    @Test
    void aStationOfOnesOwnIsOneMoreInspection() throws IOException {
        Kind dull = new Kind("ninth", "ink-count", Severity.INFO, Cost.LITTLE, "%d");
        List<Object> looked = new ArrayList<>();
        Inspection<Same<Object>> ninth =
                new Inspection<>(
                        "ninth",
                        List.of(dull),
                        known -> Same.of(known.drawing().traced().ink()),
                        ink -> {
                            looked.add(ink);
                            return List.of(Group.of(Finding.of(dull, "It is there", "")));
                        });
        List<Inspection<?>> all = new ArrayList<>(Inspector.ALL);
        all.add(ninth);
        Inspector wider = new Inspector(pipeline, all);
        Job plain = Jobs.plain();
        for (Job job : List.of(plain, plain.withSwatches(List.of(Jobs.OUTER)))) {
            drawing = pipeline.run(job, Progress.SILENT);
            assertThat(wider.look(drawing, Progress.SILENT).at("ninth")).hasSize(1);
        }
        // Colours are not what it reads.
        assertThat(looked).hasSize(1);
    }

    @Test
    void whatIsFoundIsOfTheKindsThatAreDeclaredAndTold() throws IOException {
        String told = Files.readString(Path.of("../docs/findings.md"));
        List<String> keys = new ArrayList<>();
        for (Inspection<?> inspection : Inspector.ALL) {
            for (Kind kind : inspection.kinds()) {
                assertThat(kind.station()).isEqualTo(inspection.station());
                assertThat(told)
                        .contains(
                                "| `"
                                        + kind.key()
                                        + "` | "
                                        + kind.station()
                                        + " | "
                                        + kind.severity().key()
                                        + " |");
                keys.add(kind.key());
            }
        }
        assertThat(keys).doesNotHaveDuplicates();
        for (long seed = 1; seed <= 12; seed++) {
            RandomJobs random = new RandomJobs(seed);
            look(random.changed(random.changed(random.job())))
                    .groups()
                    .forEach(group -> assertThat(keys).contains(group.kind().key()));
        }
    }
}
