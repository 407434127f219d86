package neattrace.app.station.press;

import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import javafx.geometry.Point2D;
import javafx.scene.Node;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import neattrace.app.docket.StepPane;
import neattrace.app.docket.StepTiles;
import neattrace.app.route.Stop;
import neattrace.app.station.Bench;
import neattrace.app.station.StationPanel;
import neattrace.app.table.TableMode;
import neattrace.app.work.Shown;
import neattrace.finding.Finding;
import neattrace.finding.Place;
import neattrace.geom.Point;
import neattrace.job.Job;
import neattrace.job.PressSection;
import neattrace.press.Colorant;

/** What the printer will lay down: plates, black, traps, inks, and a press to try them on. */
public final class PressPanel implements StationPanel {

    private static final Stop STOP =
            new Stop(
                    "press",
                    "Press",
                    KeyCode.P,
                    "M4 9 a5 5 0 1 0 10 0 a5 5 0 1 0 -10 0 M10 9 a5 5 0 1 0 10 0 a5 5 0 1 0 -10 0"
                            + " M7 15 a5 5 0 1 0 10 0 a5 5 0 1 0 -10 0");

    private final Bench bench;
    private final PressDesk desk;
    private final PlatesView view;
    private final PlatesStep plates;
    private final BlackStep black;
    private final PressRunStep rehearse;
    private final SwatchStep colours;
    private final StepPane steps;
    private boolean here;

    /** The station on a bench. */
    public PressPanel(Bench bench) {
        this.bench = bench;
        desk = new PressDesk(bench);
        view = new PlatesView(desk, this::turned, bench.workspace().overWordsProperty()::set);
        plates = new PlatesStep(desk, view);
        black = new BlackStep(desk);
        rehearse = new PressRunStep(desk, view);
        colours = new SwatchStep(desk);
        steps =
                new StepPane(
                        List.of(plates, black, new InkStep(desk), colours, rehearse),
                        false,
                        bench::shown);
        view.setVisible(false);
        view.setManaged(false);
        view.scaleProperty().addListener(property -> tellScale());
        view.visibleProperty().addListener(property -> tellScale());
        desk.studyProperty()
                .addListener(
                        property -> {
                            if (bench.shown() != null) {
                                steps.show(bench.shown());
                            }
                        });
    }

    private void turned() {
        plates.plates();
    }

    private void tellScale() {
        bench.workspace()
                .overScaleProperty()
                .set(view.isVisible() ? view.scaleProperty().get() : 0);
    }

    private void seen(boolean is) {
        boolean news = is && !view.isVisible();
        view.setVisible(is);
        view.setManaged(is);
        if (news) {
            view.requestFocus();
        }
    }

    @Override
    public void entered() {
        here = true;
        seen(bench.shown() != null);
        desk.setHere(true);
    }

    @Override
    public void left() {
        here = false;
        seen(false);
        bench.workspace().overWordsProperty().set("");
        rehearse.stop();
        desk.lookBack();
        desk.setHere(false);
    }

    @Override
    public Optional<Node> overTable() {
        return Optional.of(view);
    }

    /** Opens a press profile. */
    public void openProfile(Path file) {
        black.open(file);
    }

    /** Opens a picture to take colours off. */
    public void openPicture(Path file) {
        colours.openPicture(file);
    }

    /** Where a place on the sheet, mm, is on the screen. */
    public Point2D onScreen(Point mm) {
        Point at = view.toView(mm);
        return view.localToScreen(at.x(), at.y());
    }

    /** The inks whose plates are looked at; empty for all. */
    public List<String> shownInks() {
        return view.shownInks().stream().map(Colorant::name).toList();
    }

    /** How many plates there are. */
    public int inks() {
        return desk.studyProperty().get() == null ? 0 : desk.studyProperty().get().inks().size();
    }

    @Override
    public Stop stop() {
        return STOP;
    }

    @Override
    public boolean isTouched(Job job) {
        return !job.press().equals(PressSection.USUAL);
    }

    @Override
    public void findingChosen(Finding finding) {
        view.point(Optional.ofNullable(finding).flatMap(Finding::place).map(Place::at));
    }

    @Override
    public String purpose() {
        return "What the printer will lay down.";
    }

    @Override
    public Node content() {
        return steps;
    }

    @Override
    public void show(Shown shown) {
        desk.show(shown);
        steps.show(shown);
        seen(here);
    }

    @Override
    public boolean pressed(KeyEvent event) {
        Optional<Integer> number = StepTiles.number(event);
        if (number.isPresent() && desk.studyProperty().get() != null && view.isVisible()) {
            pick(number.get(), event.isShiftDown());
            return true;
        }
        return view.isVisible() && view.key(event);
    }

    private void pick(int number, boolean beside) {
        List<Colorant> inks = desk.studyProperty().get().inks();
        if (number == 0) {
            view.all();
        } else if (number <= inks.size()) {
            if (beside) {
                view.with(inks.get(number - 1));
            } else {
                view.only(inks.get(number - 1));
            }
        }
    }

    @Override
    public boolean stopWork() {
        return rehearse.stop();
    }

    @Override
    public boolean putAway() {
        if (!desk.triedProperty().get().isEmpty()) {
            desk.lookBack();
            return true;
        }
        if (view.shownInks().isEmpty()) {
            return false;
        }
        view.all();
        return true;
    }

    @Override
    public String whenClear() {
        return "Every place keeps within the ink limit, with all that prints over it.";
    }

    @Override
    public TableMode usualMode() {
        return TableMode.ALL;
    }
}
