package neattrace.app.station.press;

import java.nio.file.Path;
import java.util.List;
import java.util.function.Consumer;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import neattrace.app.docket.ChoiceField;
import neattrace.app.docket.Hint;
import neattrace.app.docket.Sentence;
import neattrace.job.Job;
import neattrace.press.Cmyk;
import neattrace.press.Gamut;
import neattrace.press.PressProfile;
import neattrace.press.Rgb;

/** Ways to choose a colour, one at a time: by eye, from our palettes, off a picture. */
final class ColourChoosers extends VBox {

    /** How a colour is chosen. */
    private enum Choose {
        BY_EYE("by eye"),
        PALETTE("from our palettes"),
        PICTURE("off a picture");

        private final String words;

        Choose(String words) {
            this.words = words;
        }
    }

    private final ReachPicker picker;
    private final PaletteChips palettes;
    private final PicturePicker pictures;
    private final StackPane ways;

    /**
     * Ways to choose.
     *
     * @param chosen told a colour on screen
     * @param built told a build
     */
    ColourChoosers(PressDesk desk, Consumer<Rgb> chosen, Consumer<Cmyk> built) {
        super(6);
        picker = new ReachPicker(chosen);
        palettes = new PaletteChips(built);
        pictures = new PicturePicker(desk, chosen);
        VBox eye =
                new VBox(
                        6,
                        picker,
                        new Hint(
                                "What ink makes of it: ticked where it falls short. The wheel makes it"
                                        + " more or less colourful."));
        ways = new StackPane(eye, palettes, pictures);
        ways.setAlignment(Pos.TOP_LEFT);
        ChoiceField<Choose> how =
                new ChoiceField<>(
                        "How a colour is chosen",
                        List.of(Choose.values()),
                        one -> one.words,
                        this::turn);
        how.setId("choose-colour");
        turn(Choose.BY_EYE);
        getChildren().addAll(new Sentence("Chosen", how, ":"), ways);
    }

    private void turn(Choose next) {
        for (Choose one : Choose.values()) {
            Node way = ways.getChildren().get(one.ordinal());
            way.setVisible(one == next);
            way.setManaged(one == next);
        }
    }

    /** Takes colours off a picture of a file. */
    void openPicture(Path file) {
        pictures.open(file);
    }

    /** Shows what a press reaches, and a colour of a job. */
    void show(Gamut reach, Rgb colour, PressProfile press, Job job) {
        picker.show(reach, colour);
        palettes.show(press);
        pictures.show(job);
    }
}
