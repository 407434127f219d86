package neattrace.app.station.flats;

import java.util.function.IntConsumer;
import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.image.ImageView;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import neattrace.app.station.ArtPicture;
import neattrace.flat.Palette;
import neattrace.print.Artwork;

/** All colourways of the art side by side; a click takes one up. */
final class ColourwayRow extends FlowPane {

    private static final int SIDE = 60;

    private final IntConsumer whenChosen;

    /** Counts up, so that pictures of an older drawing are not shown. */
    private volatile int ticket;

    private Artwork shown;
    private Palette shownPalette;

    ColourwayRow(IntConsumer whenChosen) {
        super(6, 6);
        this.whenChosen = whenChosen;
        setId("colourways");
    }

    /** Shows the colourways of a palette; nothing if there is only one. */
    void show(Artwork art, Palette palette) {
        if (art == shown && palette.equals(shownPalette)) {
            return;
        }
        shown = art;
        shownPalette = palette;
        ticket = ticket + 1;
        getChildren().clear();
        boolean several = !palette.colourways().isEmpty();
        setVisible(several);
        setManaged(several);
        if (!several) {
            return;
        }
        ToggleGroup group = new ToggleGroup();
        for (int index = Palette.FIRST; index < palette.colourways().size(); index++) {
            getChildren().add(card(art, palette, index, group));
        }
    }

    private ToggleButton card(Artwork art, Palette palette, int index, ToggleGroup group) {
        String name = name(palette, index);
        ImageView view = new ImageView();
        view.setFitWidth(SIDE);
        view.setFitHeight(SIDE);
        view.setPreserveRatio(true);
        int mine = ticket;
        ArtPicture.paint(art.with(palette.of(index)), 2 * SIDE, view, () -> mine == ticket);
        Label label = new Label(name);
        label.setMaxWidth(SIDE);
        StackPane paper = new StackPane(view);
        paper.getStyleClass().add("thumbnail");
        VBox content = new VBox(2, paper, label);
        content.setAlignment(Pos.CENTER);
        ToggleButton card = new ToggleButton();
        card.setGraphic(content);
        card.getStyleClass().setAll("swatch");
        card.setId("colourway-" + (index + 1));
        card.setToggleGroup(group);
        card.setSelected(index == palette.shown());
        card.setAccessibleText("Colourway " + name);
        card.setOnAction(event -> whenChosen.accept(index));
        return card;
    }

    /** What a colourway is called. */
    static String name(Palette palette, int index) {
        return index == Palette.FIRST ? "First" : palette.colourways().get(index).name();
    }
}
