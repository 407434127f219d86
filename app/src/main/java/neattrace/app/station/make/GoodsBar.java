package neattrace.app.station.make;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.layout.HBox;
import javafx.scene.layout.StackPane;
import neattrace.goods.made.Act;
import neattrace.goods.made.Grip;

/** What can be done with what is in hand of finished goods, each with its key. */
final class GoodsBar extends HBox {

    private static final Map<Act, String> KEYS =
            Map.of(
                    Act.SWITCH, "Enter",
                    Act.REMOVE, "Del",
                    Act.ANOTHER, "Ins",
                    Act.MIRROR, "X",
                    Act.LARGER, "+",
                    Act.SMALLER, "−",
                    Act.TURN, "Pg ↓",
                    Act.TURN_BACK, "Pg ↑");

    private final Consumer<Act> whenAsked;
    private final List<Button> always = new ArrayList<>();
    private List<String> shown = List.of();

    /**
     * A bar.
     *
     * @param whenAsked told what is to be done with what is in hand
     */
    GoodsBar(Consumer<Act> whenAsked) {
        super(4);
        this.whenAsked = whenAsked;
        getStyleClass().add("view-bar");
        setId("goods-bar");
        setAlignment(Pos.CENTER);
        setMaxHeight(USE_PREF_SIZE);
        setMaxWidth(USE_PREF_SIZE);
        StackPane.setAlignment(this, Pos.BOTTOM_CENTER);
        setVisible(false);
        StackPane.setMargin(this, new Insets(0, 0, 12, 0));
    }

    /** Buttons that are there as long as nothing is in hand. */
    void always(String title, String key, String id, Runnable action) {
        always.add(MakeBar.button(title, key, id, action));
    }

    /** Shows what can be done. */
    void show(Optional<Grip> inHand, Optional<String> adding, Runnable add) {
        List<Button> buttons = new ArrayList<>();
        inHand.ifPresent(
                grip ->
                        grip.acts()
                                .forEach(
                                        (act, named) ->
                                                buttons.add(
                                                        MakeBar.button(
                                                                named.label(),
                                                                KEYS.get(act),
                                                                "hand-"
                                                                        + act.name()
                                                                                .toLowerCase(
                                                                                        Locale
                                                                                                .ROOT),
                                                                () -> whenAsked.accept(act)))));
        adding.ifPresent(label -> buttons.add(MakeBar.button(label, "Ins", "hand-add", add)));
        if (inHand.isEmpty()) {
            buttons.addAll(always);
        }
        List<String> next = buttons.stream().map(Button::getAccessibleText).toList();
        if (!next.equals(shown)) {
            shown = next;
            getChildren().setAll(buttons);
            setVisible(!buttons.isEmpty());
        }
    }
}
