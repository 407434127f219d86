package neattrace.app.station.make;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import neattrace.app.docket.Buttons;
import neattrace.app.docket.ChoiceField;
import neattrace.app.docket.Hint;
import neattrace.app.docket.NumberField;
import neattrace.app.docket.Rows;
import neattrace.app.docket.Sentence;
import neattrace.app.work.KnownSheet;
import neattrace.app.work.SheetDesk;
import neattrace.export.GoodsFormat;
import neattrace.gang.GangAim;
import neattrace.gang.GangDrawing;
import neattrace.gang.GangSheet;
import neattrace.gang.GangSticker;
import neattrace.gang.GangWork;
import neattrace.goods.Sizing;

/** What is set and told of a sheet of stickers in the docket. */
final class SheetSentences extends VBox {

    private final SheetDesk desk;
    private final ChoiceField<GangAim> aim;
    private final ChoiceField<Integer> turns;
    private final NumberField gap;
    private final Rows rows;
    private final Button improve;
    private final Button free;
    private final Hint pinned = new Hint("");
    private GoodsFormat format = GoodsFormat.PDF;
    private List<GangSticker> shownStickers;
    private List<GangDrawing> shownDrawings;

    SheetSentences(SheetDesk desk, Runnable add, Runnable addThis, Runnable write) {
        super(7);
        this.desk = desk;
        aim =
                new ChoiceField<>(
                        "What the arrangement is after",
                        List.of(GangAim.values()),
                        GangAim::label,
                        value ->
                                desk.change(
                                        "Aim", sheet -> sheet.withAim(value), GangWork.ARRANGE));
        aim.setId("sheet-aim");
        turns =
                new ChoiceField<>(
                        "How they may be turned",
                        List.of(1, 4, 24, 72),
                        SheetSentences::turned,
                        value ->
                                desk.change(
                                        "Turns",
                                        sheet -> sheet.withTurns(value),
                                        GangWork.ARRANGE));
        turns.setId("sheet-turns");
        gap =
                new NumberField(
                        "From cut to cut",
                        "mm",
                        0,
                        100,
                        0.5,
                        value ->
                                desk.change(
                                        "Gap",
                                        sheet -> sheet.withLayout(sheet.layout().withGapMm(value)),
                                        GangWork.ARRANGE));
        gap.setId("sheet-gap");
        pinned.setMinHeight(USE_PREF_SIZE);
        rows = Rows.ofCrowdedLines(this::remove);
        rows.setId("sheet-drawings");
        improve = Buttons.small("Look for better", "improve-sheet", desk::improve);
        improve.setTooltip(new Tooltip("Goes on until you stop it, and keeps the best"));
        free =
                Buttons.small(
                        "Free all",
                        "free-all",
                        () -> desk.change("All freed", GangSheet::unpinned, GangWork.NONE));
        ChoiceField<GoodsFormat> formats =
                new ChoiceField<>(
                        "Format",
                        List.of(GoodsFormat.values()),
                        GoodsFormat::label,
                        chosen -> format = chosen);
        formats.setId("sheet-format");
        formats.show(format);
        getChildren()
                .addAll(
                        new Sentence("They lie", aim, ",", turns, ",", "at least", gap, "apart."),
                        rows,
                        new FlowPane(
                                6,
                                6,
                                Buttons.small("Add drawings …", "add-drawings", add),
                                Buttons.small("Add this one", "add-this", addThis)),
                        new FlowPane(
                                6,
                                6,
                                Buttons.small("Arrange anew  R", "arrange-sheet", desk::arrange),
                                improve,
                                free),
                        pinned,
                        new Sentence("Write it as", formats, "."),
                        Buttons.small("Write the sheet …", "write-stickers", write));
    }

    /** The format that is chosen. */
    GoodsFormat format() {
        return format;
    }

    private static String turned(int turns) {
        return switch (turns) {
            case 1 -> "upright";
            case 4 -> "turned by quarters";
            case 24 -> "turned by 15°";
            default -> "turned freely";
        };
    }

    /** Shows a sheet; {@code known} may be null, or of an earlier one. */
    void show(GangSheet sheet, KnownSheet known) {
        aim.show(sheet.aim());
        turns.show(sheet.turns());
        gap.show(sheet.layout().gapMm());
        boolean filling = sheet.aim() == GangAim.FILL || isOver(known);
        improve.setVisible(filling);
        improve.setManaged(filling);
        free.setVisible(sheet.pinned() > 0);
        free.setManaged(free.isVisible());
        pinned.setText(
                String.format(
                        Locale.ROOT,
                        "Pinned: %d of %d. Drag to move, wheel to turn, K pins; those in the way make"
                                + " room. By keys: , and . choose, arrows move, Page keys turn.",
                        sheet.pinned(),
                        sheet.places().size()));
        List<GangSticker> stickers = known == null ? List.of() : known.stickers();
        if (!sheet.drawings().equals(shownDrawings) || stickers != shownStickers) {
            shownDrawings = sheet.drawings();
            shownStickers = stickers;
            fill(sheet, stickers);
        }
    }

    private static boolean isOver(KnownSheet known) {
        return known != null && !known.laid().nest().left().isEmpty();
    }

    private void fill(GangSheet sheet, List<GangSticker> stickers) {
        List<String> names = new ArrayList<>();
        List<Node> contents = new ArrayList<>();
        for (GangDrawing drawing : sheet.drawings()) {
            Optional<GangSticker> sticker =
                    stickers.stream().filter(one -> one.drawing().id() == drawing.id()).findFirst();
            String name = name(sheet, drawing, sticker);
            names.add(name);
            contents.add(row(drawing, name, sticker));
        }
        rows.show(names, contents);
    }

    /** What it is called; where two are called the same, with the folder it lies in. */
    private static String name(GangSheet sheet, GangDrawing drawing, Optional<GangSticker> made) {
        boolean several =
                sheet.drawings().stream().filter(one -> one.name().equals(drawing.name())).count()
                        > 1;
        String title = made.map(GangSticker::title).orElse(drawing.name());
        return several ? title + " (" + drawing.file().getParent().getFileName() + ")" : title;
    }

    private Node row(GangDrawing drawing, String name, Optional<GangSticker> sticker) {
        NumberField copies =
                new NumberField(
                        "Copies of " + name,
                        "×",
                        1,
                        GangDrawing.MOST_COPIES,
                        1,
                        value -> set(drawing, drawing.withCopies((int) Math.rint(value))));
        copies.setId("copies-" + drawing.id());
        copies.show(drawing.copies());
        NumberField width =
                new NumberField(
                        "Width of " + name,
                        "mm",
                        Sizing.LEAST_MM,
                        Sizing.MOST_MM,
                        1,
                        value -> set(drawing, drawing.withWidthMm(value)));
        width.setId("width-" + drawing.id());
        double mm =
                drawing.widthMm() > 0
                        ? drawing.widthMm()
                        : sticker.flatMap(GangSticker::sticker)
                                .map(one -> one.area().getEnvelopeInternal().getWidth())
                                .orElse(0.0);
        width.show(Math.rint(mm * 10) / 10);
        width.setDisable(mm == 0);
        Label title = new Label(name);
        title.setMinWidth(0);
        title.setPrefWidth(104);
        title.setMaxWidth(104);
        title.setTooltip(new Tooltip(name + "\n" + drawing.file()));
        HBox row = new HBox(4, copies, title, width);
        row.setAlignment(Pos.CENTER_LEFT);
        return row;
    }

    private void set(GangDrawing before, GangDrawing now) {
        desk.change(
                before.copies() == now.copies() ? "Width" : "Copies",
                sheet -> sheet.drawing(now.id()).isPresent() ? sheet.with(now) : sheet,
                GangWork.ARRANGE);
    }

    private void remove(int index) {
        GangDrawing drawing = desk.sheet().drawings().get(index);
        desk.change(
                "Taken off: " + drawing.name(),
                sheet -> sheet.without(drawing.id()),
                GangWork.ARRANGE);
    }
}
