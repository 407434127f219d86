package neattrace.app.station.make;

import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
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
import neattrace.job.Job;

/** What is made of the drawing: goods as finished things, film and plates. */
public final class MakePanel implements StationPanel {

    private static final Stop STOP =
            new Stop(
                    "make",
                    "Make",
                    KeyCode.M,
                    "M4 8 L9 4 C10 6.5 14 6.5 15 4 L20 8 L17.5 11.5 L16 10.5 V20 H8 V10.5 L6.5 11.5"
                            + " Z");

    private final StickerStep sticker;
    private final RehearseStep rehearse;
    private final FilmStep film;
    private final StepPane steps;
    private final VBox content;
    private boolean here;

    /** The station on a bench. */
    public MakePanel(Bench bench) {
        sticker = new StickerStep(bench);
        rehearse = new RehearseStep(bench, sticker);
        film = new FilmStep(bench);
        steps = new StepPane(List.of(sticker, rehearse, film), true, bench::shown);
        content = new VBox(10, steps);
        steps.openProperty().addListener((property, before, now) -> look());
    }

    private void look() {
        sticker.setHere(here && steps.openProperty().get() != film);
        rehearse.setHere(here && steps.openProperty().get() == rehearse);
    }

    /** Writes the sheet in one bit as it stands. */
    public void write(Path target) {
        film.write(target);
    }

    /** Writes the sticker as it stands. */
    public void writeSticker(Path target) {
        sticker.write(target);
    }

    /** Makes a sheet of every scan in a folder, beside whatever else goes on. */
    public void make(Path scans, Path sheets) {
        film.make(scans, sheets);
    }

    @Override
    public Stop stop() {
        return STOP;
    }

    @Override
    public String purpose() {
        return "What is made of it?";
    }

    @Override
    public Node content() {
        return content;
    }

    @Override
    public void entered() {
        here = true;
        look();
    }

    @Override
    public void left() {
        here = false;
        look();
    }

    @Override
    public Optional<Node> overTable() {
        return Optional.of(sticker.view());
    }

    @Override
    public boolean pressed(KeyEvent event) {
        return StepTiles.number(event).filter(steps::openStep).isPresent();
    }

    @Override
    public void show(Shown shown) {
        steps.show(shown);
    }

    @Override
    public TableMode usualMode() {
        return TableMode.ALL;
    }

    @Override
    public boolean isTouched(Job job) {
        return film.isTouched(job);
    }

    @Override
    public String whenClear() {
        return "Nothing to decide here.";
    }
}
