package neattrace.app.station.flats;

import java.nio.file.Path;
import java.util.List;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.scene.Node;
import javafx.scene.paint.Color;
import neattrace.app.docket.Finding;
import neattrace.app.docket.StepPane;
import neattrace.app.route.Station;
import neattrace.app.station.Panel;
import neattrace.app.table.Table;
import neattrace.app.table.TableMode;
import neattrace.app.table.Target;
import neattrace.app.work.Shown;
import neattrace.app.work.Workspace;
import neattrace.flat.Fill;
import neattrace.flat.exchange.PaletteFile;
import neattrace.geom.Point;
import neattrace.job.Job;

/** Swatches, and areas that take them. */
public final class FlatsPanel implements Panel {

    private final FlatsDesk desk;
    private final ColourStep colour;
    private final PaletteStep palette;
    private final RoughStep rough;
    private final FlatFindings findings;
    private final StepPane steps;
    private Shown shown;

    /** The panel of a workspace and its table. */
    public FlatsPanel(Workspace workspace, Table table) {
        desk = new FlatsDesk(workspace, table);
        colour = new ColourStep(desk);
        palette = new PaletteStep(desk);
        rough = new RoughStep(desk);
        findings = new FlatFindings(desk);
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
        table.setTargets(colour::target);
        desk.inHand().addListener(property -> steps.showChosen());
    }

    /** Opens a reference picture. */
    public void openPicture(Path file) {
        rough.open(file);
    }

    /** Adds the swatches of a palette file. */
    public void readPalette(Path file) {
        palette.read(file);
    }

    /** Writes the swatches that are shown. */
    public void writePalette(PaletteFile.Format format, Path file) {
        palette.write(format, file);
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

    /** What lies over the table while colourways are looked at side by side. */
    public Node wall() {
        return palette.wall();
    }

    /** Goes back to the table from whatever lies over it; false if nothing does. */
    public boolean backToTheTable() {
        boolean covered = palette.wall().isVisible();
        palette.wall().hide();
        return covered;
    }

    /** The colour of the swatch in hand. */
    public Color dab() {
        return colour.dab();
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
    public Station station() {
        return Station.FLATS;
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
    }

    @Override
    public List<Finding> findings(Shown now) {
        return findings.of(now);
    }

    @Override
    public String whenSettled() {
        return "Every area is decided.";
    }

    @Override
    public TableMode usualMode() {
        return TableMode.ALL;
    }
}
