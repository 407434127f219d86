package neattrace.app.station.flats;

import java.util.function.Consumer;
import java.util.function.DoubleConsumer;
import java.util.function.IntConsumer;
import javafx.scene.control.Button;
import javafx.scene.control.TextField;
import javafx.scene.layout.VBox;
import neattrace.app.docket.NumberField;
import neattrace.app.docket.Sentence;
import neattrace.flat.Swatch;
import neattrace.press.Cmyk;

/** Name and inks of the swatch in hand. */
final class SwatchEditor extends VBox {

    private final Consumer<Swatch> whenChanged;
    private final TextField name = new TextField();
    private final NumberField c;
    private final NumberField m;
    private final NumberField y;
    private final NumberField k;
    private final Button remove = new Button("Remove");
    private Swatch swatch;

    SwatchEditor(Consumer<Swatch> whenChanged, IntConsumer whenRemoved) {
        super(8);
        this.whenChanged = whenChanged;
        c = ink("Cyan", v -> set(new Cmyk(v, build().m(), build().y(), build().k())));
        m = ink("Magenta", v -> set(new Cmyk(build().c(), v, build().y(), build().k())));
        y = ink("Yellow", v -> set(new Cmyk(build().c(), build().m(), v, build().k())));
        k = ink("Black", v -> set(new Cmyk(build().c(), build().m(), build().y(), v)));
        name.setId("swatch-name");
        name.getStyleClass().add("value");
        name.setAccessibleText("Swatch name");
        name.setPrefColumnCount(11);
        name.setOnAction(event -> rename());
        name.focusedProperty()
                .addListener(
                        (property, before, focused) -> {
                            if (!focused) {
                                rename();
                            }
                        });
        remove.setId("remove-swatch");
        remove.getStyleClass().setAll("answer");
        remove.setOnAction(event -> whenRemoved.accept(swatch.id()));
        getChildren()
                .addAll(
                        new Sentence(name, "is printed as"),
                        new Sentence("C", c, "M", m, "Y", y, "K", k));
        show(null);
    }

    /** Takes the shown swatch away. */
    Button removeButton() {
        return remove;
    }

    private static NumberField ink(String name, DoubleConsumer whenSet) {
        return new NumberField(name, "", 0, 100, 1, whenSet);
    }

    private Cmyk build() {
        return swatch.build();
    }

    private void set(Cmyk build) {
        if (swatch != null) {
            swatch = swatch.withBuild(build);
            whenChanged.accept(swatch);
        }
    }

    private void rename() {
        if (swatch == null || name.getText().strip().equals(swatch.name())) {
            return;
        }
        String next = name.getText().strip();
        if (next.isEmpty() || next.length() > Swatch.MOST_LETTERS) {
            name.setText(swatch.name());
            return;
        }
        swatch = swatch.withName(next);
        whenChanged.accept(swatch);
    }

    /** Shows a swatch; null hides the editor. */
    void show(Swatch next) {
        swatch = next;
        setVisible(next != null);
        setManaged(next != null);
        remove.setVisible(next != null);
        // A locked swatch is shown, not changed.
        setDisable(next != null && next.locked());
        remove.setDisable(next != null && next.locked());
        if (next == null) {
            return;
        }
        if (!name.isFocused()) {
            name.setText(next.name());
        }
        c.show(next.build().c());
        m.show(next.build().m());
        y.show(next.build().y());
        k.show(next.build().k());
    }
}
