package neattrace.app.station.sheet;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import javafx.scene.Node;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;
import neattrace.app.docket.ChoiceField;
import neattrace.app.docket.Rows;
import neattrace.app.docket.Sentence;
import neattrace.app.work.Shown;
import neattrace.sheet.Mask;
import neattrace.sheet.SheetShape;
import neattrace.sheet.SheetStep;

/** Parts erased or protected by hand. */
final class MaskStep implements RecipeStep {

    private final Desk desk;
    private final Rows rows;
    private final VBox content;
    private Mask.Kind kind = Mask.Kind.ERASE;

    MaskStep(Desk desk) {
        this.desk = desk;
        ChoiceField<Mask.Kind> kinds =
                new ChoiceField<>(
                        "What masks do",
                        List.of(Mask.Kind.ERASE, Mask.Kind.PROTECT, Mask.Kind.FILL),
                        MaskStep::words,
                        k -> kind = k);
        kinds.setId("mask-kind");
        rows = new Rows(this::remove);
        FlowPane tools = new FlowPane(6, 6);
        tools.getChildren().addAll(ShapeTools.buttons(desk, "mask", this::add));
        content = new VBox(8, new Sentence("What is drawn over", kinds, "."), tools, rows);
    }

    private void add(SheetShape shape) {
        desk.change(
                switch (kind) {
                    case ERASE -> "Erase a part";
                    case PROTECT -> "Protect a part";
                    case FILL -> "Fill a part";
                },
                recipe -> recipe.withMask(new Mask(shape, kind)));
    }

    private void remove(int index) {
        desk.change(
                "Remove a mask",
                recipe -> {
                    List<Mask> left = new ArrayList<>(recipe.masks());
                    left.remove(index);
                    return recipe.withMasks(left);
                });
    }

    @Override
    public String title() {
        return "Masks";
    }

    @Override
    public String state(Shown shown) {
        int count = shown.drawing().job().recipe().masks().size();
        return count == 0 ? "none" : count == 1 ? "1 mask" : count + " masks";
    }

    @Override
    public SheetStep part() {
        return SheetStep.MASKS;
    }

    @Override
    public Node content() {
        return content;
    }

    @Override
    public void show(Shown shown) {
        List<String> names = new ArrayList<>();
        for (Mask mask : shown.drawing().job().recipe().masks()) {
            String what =
                    switch (mask.kind()) {
                        case ERASE -> "Erased";
                        case PROTECT -> "Protected";
                        case FILL -> "Filled";
                    };
            names.add(what + ", " + size(shown, mask.shape()));
        }
        rows.show(names);
    }

    /** How large a shape is on the paper that was scanned. */
    static String size(Shown shown, SheetShape shape) {
        var bounds = shape.outline().getBounds2D();
        double mm = 1 / shown.drawing().reading().scanPxPerMm();
        return String.format(
                Locale.ROOT, "%.0f × %.0f mm", bounds.getWidth() * mm, bounds.getHeight() * mm);
    }

    private static String words(Mask.Kind kind) {
        return switch (kind) {
            case ERASE -> "becomes bare paper";
            case PROTECT -> "is never erased";
            case FILL -> "becomes ink";
        };
    }
}
