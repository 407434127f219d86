package neattrace.app.station.flats;

import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.scene.Node;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import neattrace.app.docket.StepPane;
import neattrace.app.docket.StepTiles;
import neattrace.app.route.Stop;
import neattrace.app.station.Bench;
import neattrace.app.station.StationPanel;
import neattrace.app.table.TableMode;
import neattrace.app.table.Target;
import neattrace.app.work.Shown;
import neattrace.flat.Fill;
import neattrace.flat.exchange.PaletteFile;
import neattrace.geom.Point;
import neattrace.job.Job;
import neattrace.region.Area;

/** Swatches, and areas that take them. */
public final class FlatsPanel implements StationPanel {

    private static final Stop STOP =
            new Stop(
                    "flats",
                    "Flats",
                    KeyCode.F,
                    "M4 4 H11 V11 H4 Z M13 4 H20 V20 H13 Z M4 13 H11 V20 H4 Z");

    private final FlatsDesk desk;
    private final ColourStep colour;
    private final PaletteStep palette;
    private final RoughStep rough;
    private final StepPane steps;
    private Shown shown;

    /** Whether one is at this station. */
    private boolean here;

    /** The station on a bench. */
    public FlatsPanel(Bench bench) {
        desk = new FlatsDesk(bench);
        colour = new ColourStep(desk);
        palette = new PaletteStep(desk);
        rough = new RoughStep(desk);
        steps =
                new StepPane(
                        List.of(
                                colour,
                                palette,
                                rough,
                                new GroupStep(desk, colour),
                                new FormStep(desk),
                                new FinishStep(desk)),
                        false,
                        desk::shown);
        steps.getStyleClass().add("line-station");
        bench.table().setTargets(colour::target);
        desk.inHand()
                .addListener(
                        property -> {
                            steps.showChosen();
                            showDab();
                        });
    }

    /** Opens a reference picture. */
    public void openPicture(Path file) {
        rough.open(file);
    }

    /** Adds the swatches of a palette file. */
    public void readPalette(Path file) {
        palette.files().read(file);
    }

    /** Writes the swatches that are shown. */
    public void writePalette(PaletteFile.Format format, Path file) {
        palette.files().write(format, file);
    }

    /** Id of the swatch in hand. */
    public ReadOnlyObjectProperty<Integer> inHandProperty() {
        return desk.inHand().getReadOnlyProperty();
    }

    /** Takes the swatch at a place in the palette in hand, from 1; 0 is bare paper. */
    public void pick(int place) {
        Job job = desk.workspace().job();
        if (place == 0) {
            colour.take(Fill.PAPER);
        } else if (job != null && place <= job.swatches().size()) {
            colour.take(job.swatches().get(place - 1).id());
        }
    }

    @Override
    public Optional<Node> overTable() {
        return Optional.of(palette.wall());
    }

    @Override
    public boolean putAway() {
        boolean covered = palette.wall().isVisible();
        palette.wall().hide();
        return covered;
    }

    @Override
    public void entered() {
        here = true;
        showDab();
    }

    @Override
    public void left() {
        here = false;
        showDab();
    }

    private void showDab() {
        desk.dab(here && desk.shown() != null ? colour.dab() : null);
    }

    /** What a click at a place would colour. */
    public Target target(Point place) {
        return colour.target(place);
    }

    @Override
    public void clicked(Shown now, Point place) {
        colour.clicked(place);
    }

    @Override
    public Stop stop() {
        return STOP;
    }

    @Override
    public boolean isTouched(Job job) {
        return !job.fills().isEmpty();
    }

    @Override
    public boolean pressed(KeyEvent event) {
        Optional<Integer> number = StepTiles.number(event);
        number.ifPresent(this::pick);
        return number.isPresent();
    }

    @Override
    public void colour(List<Area> areas) {
        if (desk.inHand().get() == Fill.PAPER) {
            desk.workspace().say("Pick a swatch first: press its number.");
        } else {
            desk.colour(areas);
        }
    }

    @Override
    public String purpose() {
        return "Pick a swatch, click the areas.";
    }

    @Override
    public Node content() {
        return steps;
    }

    @Override
    public void show(Shown now) {
        boolean other = shown == null || shown.drawing().picture() != now.drawing().picture();
        shown = now;
        Job job = desk.job();
        if (other && !job.swatches().isEmpty()) {
            desk.inHand().set(job.swatches().get(0).id());
        }
        if (job.swatch(desk.inHand().get()).isEmpty() && desk.inHand().get() != Fill.PAPER) {
            desk.inHand().set(Fill.PAPER);
        }
        steps.show(now);
        showDab();
    }

    @Override
    public String whenClear() {
        return "Every area is decided.";
    }

    @Override
    public TableMode usualMode() {
        return TableMode.ALL;
    }
}
