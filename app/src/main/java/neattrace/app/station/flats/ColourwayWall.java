package neattrace.app.station.flats;

import java.util.ArrayList;
import java.util.List;
import java.util.function.IntConsumer;
import javafx.beans.value.ObservableValue;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.image.ImageView;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.TilePane;
import javafx.scene.layout.VBox;
import neattrace.app.docket.Buttons;
import neattrace.app.station.ArtPicture;
import neattrace.flat.Palette;
import neattrace.print.Artwork;

/** All colourways of the art over the whole table, each as large as there is room for. */
final class ColourwayWall extends VBox {

    /** Enough for the largest picture on a screen of twice the density. */
    private static final int PAINTED_PX = 1400;

    private static final double GAP = 16;

    /** What a card needs besides its picture, px. */
    private static final double FRAME = 30;

    private static final double CAPTION = 58;

    private final IntConsumer whenChosen;
    private final ObservableValue<Boolean> grey;
    private final TilePane cards = new TilePane(GAP, GAP);
    private final StackPane room = new StackPane(cards);
    private final List<ImageView> pictures = new ArrayList<>();
    private Artwork shown;
    private Palette shownPalette;

    /** Counts up, so that pictures of an older drawing are not shown. */
    private volatile int ticket;

    /**
     * A wall that is not seen yet.
     *
     * @param whenChosen called with the colourway that is taken up
     * @param grey whether the pages are mid-grey, to judge colours on
     */
    ColourwayWall(IntConsumer whenChosen, ObservableValue<Boolean> grey) {
        super(16);
        this.whenChosen = whenChosen;
        this.grey = grey;
        setId("colourway-wall");
        getStyleClass().add("wall");
        Label title = new Label("Colourways");
        title.getStyleClass().add("docket-title");
        Label hint = new Label("Click the one to go on with. G makes the pages grey.");
        hint.getStyleClass().add("hint");
        Region push = new Region();
        HBox.setHgrow(push, Priority.ALWAYS);
        Button back = Buttons.small("Back to the table", "wall-back", this::hide);
        HBox head = new HBox(16, title, hint, push, back);
        head.setAlignment(Pos.CENTER_LEFT);
        cards.setAlignment(Pos.CENTER);
        cards.setMaxSize(USE_PREF_SIZE, USE_PREF_SIZE);
        VBox.setVgrow(room, Priority.ALWAYS);
        room.setMinSize(0, 0);
        getChildren().addAll(head, room);
        setVisible(false);
        room.widthProperty().addListener(property -> size());
        room.heightProperty().addListener(property -> size());
        grey.addListener(property -> ground());
    }

    /** Hangs the colourways of a palette and shows them. */
    void show(Artwork art, Palette palette) {
        hang(art, palette);
        setVisible(true);
        cards.getChildren().get(palette.shown() - Palette.FIRST).requestFocus();
    }

    /** Hangs newer ones, if the wall is seen at all. */
    void refresh(Artwork art, Palette palette) {
        if (!isVisible() || art == shown && palette.equals(shownPalette)) {
            return;
        }
        if (palette.colourways().isEmpty()) {
            hide();
        } else {
            hang(art, palette);
        }
    }

    /** Back to the table. */
    void hide() {
        setVisible(false);
        ticket = ticket + 1;
        cards.getChildren().clear();
        pictures.clear();
        shown = null;
    }

    private void hang(Artwork art, Palette palette) {
        shown = art;
        shownPalette = palette;
        ticket = ticket + 1;
        cards.getChildren().clear();
        pictures.clear();
        for (int index = Palette.FIRST; index < palette.colourways().size(); index++) {
            cards.getChildren().add(card(art.with(palette.of(index)), palette, index));
        }
        size();
        ground();
    }

    private Button card(Artwork art, Palette palette, int index) {
        ImageView view = new ImageView();
        view.setPreserveRatio(true);
        view.setSmooth(true);
        pictures.add(view);
        int mine = ticket;
        ArtPicture.paint(art, PAINTED_PX, view, () -> mine == ticket);
        StackPane page = new StackPane(view);
        page.getStyleClass().add("thumbnail");
        boolean current = index == palette.shown();
        String name = ColourwayRow.name(palette, index);
        Label label = new Label(current ? name + ", on the table" : name);
        label.getStyleClass().add("swatch-name");
        VBox content = new VBox(6, page, label);
        content.setAlignment(Pos.CENTER);
        Button card = new Button();
        card.setGraphic(content);
        card.getStyleClass().setAll("wall-card");
        card.setId("wall-" + (index + 1));
        card.setAccessibleText("Colourway " + label.getText());
        card.setOnAction(
                event -> {
                    hide();
                    whenChosen.accept(index);
                });
        card.setOnKeyPressed(
                event -> {
                    if (event.getCode() == KeyCode.ENTER) {
                        card.fire();
                    }
                });
        return card;
    }

    /** As many columns as make the pictures largest. */
    private void size() {
        int count = pictures.size();
        if (shown == null || count == 0 || room.getWidth() <= 0) {
            return;
        }
        double aspect = shown.widthMm() / shown.heightMm();
        double best = 0;
        int columns = 1;
        for (int across = 1; across <= count; across++) {
            int down = (count + across - 1) / across;
            double wide = (room.getWidth() - GAP * (across - 1)) / across - FRAME;
            double high = (room.getHeight() - GAP * (down - 1)) / down - CAPTION;
            double width = Math.min(wide, high * aspect);
            if (width > best) {
                best = width;
                columns = across;
            }
        }
        cards.setPrefColumns(columns);
        for (ImageView picture : pictures) {
            picture.setFitWidth(best);
            picture.setFitHeight(best / aspect);
            ((StackPane) picture.getParent()).setMinSize(best + 2, best / aspect + 2);
        }
    }

    private void ground() {
        for (ImageView picture : pictures) {
            List<String> classes = picture.getParent().getStyleClass();
            classes.remove("grey-page");
            if (grey.getValue()) {
                classes.add("grey-page");
            }
        }
    }
}
