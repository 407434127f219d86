package neattrace.app.station.make;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.StackPane;
import neattrace.app.docket.Buttons;
import neattrace.goods.made.Act;
import neattrace.goods.made.Grip;

/** What can be done with what is in hand of finished goods, each with its key. */
final class GoodsBar extends FlowPane {

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
        super(4, 2);
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

    /** Keeps within a width, px, in several rows if need be. */
    void fit(double width) {
        double all = getInsets().getLeft() + getInsets().getRight();
        for (Node button : getChildren()) {
            all += button.prefWidth(-1) + getHgap();
        }
        setPrefWrapLength(Math.max(60, Math.min(all, width)));
    }

    /** Buttons that are there as long as nothing is in hand. */
    void always(String title, String key, String id, Runnable action) {
        always.add(Buttons.keyed(title, key, id, action));
    }

    /**
     * Shows what can be done.
     *
     * @param zooms whether what is shown can be seen at true size, which the first of the buttons
     *     does that are always there
     */
    void show(Optional<Grip> inHand, Optional<String> adding, Runnable add, boolean zooms) {
        List<Button> buttons = new ArrayList<>();
        inHand.ifPresent(
                grip ->
                        grip.acts()
                                .forEach(
                                        (act, named) ->
                                                buttons.add(
                                                        Buttons.keyed(
                                                                named.label(),
                                                                KEYS.get(act),
                                                                "hand-"
                                                                        + act.name()
                                                                                .toLowerCase(
                                                                                        Locale
                                                                                                .ROOT),
                                                                () -> whenAsked.accept(act)))));
        adding.ifPresent(label -> buttons.add(Buttons.keyed(label, "Ins", "hand-add", add)));
        if (inHand.isEmpty()) {
            buttons.addAll(zooms ? always : always.subList(1, always.size()));
        }
        List<String> next = buttons.stream().map(Button::getAccessibleText).toList();
        if (!next.equals(shown)) {
            shown = next;
            getChildren().setAll(buttons);
            setVisible(!buttons.isEmpty());
        }
    }
}
