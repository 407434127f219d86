package neattrace.app.station.brief;

import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;
import javafx.scene.Node;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.VBox;
import neattrace.app.docket.StepPane;
import neattrace.app.docket.StepTiles;
import neattrace.app.route.Stop;
import neattrace.app.station.Bench;
import neattrace.app.station.StationPanel;
import neattrace.app.table.TableMode;
import neattrace.app.work.Shown;
import neattrace.job.BriefSection;
import neattrace.job.GoodsSection;
import neattrace.job.Job;
import neattrace.job.pipeline.Drawing;
import neattrace.job.pipeline.LineStudy;
import neattrace.raster.Resolution;
import neattrace.sheet.review.SheetReview;
import neattrace.trace.review.WidthTable;

/** What a drawing is for: goods and their sizes, the order, references. */
public final class BriefPanel implements StationPanel {

    private static final Stop STOP =
            new Stop(
                    "brief",
                    "Brief",
                    KeyCode.B,
                    "M3 12 L12 3 H21 V12 L12 21 Z M16.5 7 a0.6 0.6 0 1 0 0.1 0");

    /** The number of the step in which a proposal is told. */
    private static final int PROPOSAL = 6;

    private final BriefDesk desk;
    private final GoodsStep goods;
    private final ProposalStep proposal;
    private final StepPane steps;
    private final GoodsCards cards;
    private final VBox content;

    /** The station on a bench. */
    public BriefPanel(Bench bench) {
        desk = new BriefDesk(bench);
        cards = new GoodsCards(desk);
        goods = new GoodsStep(desk);
        proposal = new ProposalStep(desk);
        steps =
                new StepPane(
                        List.of(
                                goods,
                                new FigureStep(desk),
                                new OrderStep(desk),
                                new RightsStep(desk),
                                new OwedStep(desk),
                                proposal,
                                new PlanStep(desk),
                                new PriceStep(desk),
                                new LogStep(desk)),
                        true,
                        desk::shown);
        content = new VBox(10, steps);
    }

    @Override
    public Stop stop() {
        return STOP;
    }

    @Override
    public String purpose() {
        return "What will it be?";
    }

    @Override
    public Node content() {
        return content;
    }

    @Override
    public void entered() {
        cards.setHere(true);
    }

    @Override
    public void left() {
        cards.setHere(false);
    }

    @Override
    public Optional<Node> overTable() {
        return Optional.of(cards);
    }

    /** Takes the drawing as far as it goes, by a rough with its colours. */
    public void propose(Path rough) {
        steps.openStep(PROPOSAL);
        proposal.run(rough);
    }

    @Override
    public boolean pressed(KeyEvent event) {
        if (event.getCode() == KeyCode.LEFT || event.getCode() == KeyCode.RIGHT) {
            // On the table beneath the cards arrows move the cross.
            if (cards.isVisible()) {
                desk.step(event.getCode() == KeyCode.RIGHT ? 1 : -1);
            }
            return cards.isVisible();
        }
        if (event.getCode() == KeyCode.J && !event.isShortcutDown()) {
            steps.openStep(PROPOSAL);
            proposal.run();
            return true;
        }
        return StepTiles.number(event).filter(steps::openStep).isPresent();
    }

    @Override
    public void show(Shown shown) {
        SheetReview review = desk.workspace().insights().reviewProperty().get();
        goods.tellOfScan(scan(shown.drawing(), review, thinnest(review)));
        steps.show(shown);
        cards.show(shown, thinnest(review));
    }

    /** As the lines are now, if that is known; else as they were scanned. */
    private OptionalDouble thinnest(SheetReview review) {
        LineStudy study = desk.workspace().insights().studyProperty().get();
        if (study != null) {
            return study.widths().stream().mapToDouble(WidthTable::thinnestMm).findFirst();
        }
        return review == null || review.fitness().thinnestPx() <= 0
                ? OptionalDouble.empty()
                : OptionalDouble.of(review.fitness().thinnestMm());
    }

    private static String scan(Drawing drawing, SheetReview review, OptionalDouble thinnestMm) {
        double ppi = drawing.traced().scan().ppi();
        String size =
                String.format(
                        Locale.ROOT,
                        "The drawing is %.1f × %.1f mm on the scan of %.0f ppi%s.",
                        drawing.extent().widthMm(),
                        drawing.extent().heightMm(),
                        ppi,
                        drawing.traced().scan().stated() ? "" : " (assumed)");
        if (review == null || review.fitness().thinnestPx() <= 0 || thinnestMm.isEmpty()) {
            return size;
        }
        return size
                + String.format(
                        Locale.ROOT,
                        " Its thinnest lines are %.2f mm wide, %.1f px; next time scan at %.0f ppi.",
                        thinnestMm.getAsDouble(),
                        thinnestMm.getAsDouble() * ppi / Resolution.MM_PER_INCH,
                        review.fitness().nextPpi());
    }

    @Override
    public TableMode usualMode() {
        return TableMode.ALL;
    }

    @Override
    public boolean isTouched(Job job) {
        return !job.title().equals(Job.of(job.source()).title())
                || !job.goods().equals(GoodsSection.UNDECIDED)
                || !job.brief().equals(BriefSection.EMPTY);
    }

    @Override
    public String whenClear() {
        return "Nothing stands against these goods as a whole.";
    }
}
