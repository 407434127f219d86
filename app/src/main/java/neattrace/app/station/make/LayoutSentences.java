package neattrace.app.station.make;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.function.BiFunction;
import java.util.function.Consumer;
import java.util.function.Function;
import java.util.function.ToDoubleFunction;
import java.util.function.UnaryOperator;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.layout.VBox;
import neattrace.app.docket.BuildField;
import neattrace.app.docket.Buttons;
import neattrace.app.docket.ChoiceField;
import neattrace.app.docket.NumberField;
import neattrace.app.docket.Sentence;
import neattrace.app.docket.TextValue;
import neattrace.app.work.SheetDesk;
import neattrace.gang.GangSheet;
import neattrace.gang.GangWork;
import neattrace.goods.PaperSize;
import neattrace.goods.cut.CutInks;
import neattrace.goods.sheet.SheetLayout;
import neattrace.goods.sheet.Strip;
import neattrace.press.Cmyk;
import neattrace.press.PressProfile;
import org.locationtech.jts.geom.Envelope;

/** Paper, rim, ground, header and footer of a sheet in the docket. */
final class LayoutSentences extends VBox {

    /** No strip is higher, see {@link Strip}. */
    private static final double MOST_STRIP_MM = 500;

    private final SheetDesk desk;
    private final PressProfile press;
    private final List<Consumer<GangSheet>> shows = new ArrayList<>();
    private final Button clear;

    /** Sentences of the open sheet; builds look as {@code press} shows them. */
    LayoutSentences(SheetDesk desk, PressProfile press) {
        super(7);
        this.desk = desk;
        this.press = press;
        clear =
                Buttons.small(
                        "Give them free",
                        "free-places",
                        () -> layout("Places given free", layout -> layout.withKept(List.of())));
        getChildren()
                .addAll(
                        paper(), rim(), ground(), header(), written(), footer(), kept(), clear,
                        inks(), name());
    }

    /** Shows a sheet. */
    void show(GangSheet sheet) {
        shows.forEach(one -> one.accept(sheet));
    }

    private Node paper() {
        List<PaperSize> papers = List.of(PaperSize.values());
        ChoiceField<Optional<PaperSize>> paper =
                new ChoiceField<>(
                        "Paper",
                        papers.stream().map(Optional::of).toList(),
                        one -> one.map(PaperSize::label).orElse("paper of its own"),
                        one -> one.ifPresent(this::sized));
        paper.setId("sheet-paper");
        shows.add(
                sheet ->
                        paper.show(
                                PaperSize.of(sheet.layout().widthMm(), sheet.layout().heightMm())));
        NumberField width =
                length(
                        "Width of the sheet",
                        "sheet-width",
                        (layout, mm) -> layout.withSize(mm, layout.heightMm()),
                        SheetLayout::widthMm);
        NumberField height =
                length(
                        "Height of the sheet",
                        "sheet-height",
                        (layout, mm) -> layout.withSize(layout.widthMm(), mm),
                        SheetLayout::heightMm);
        ChoiceField<Boolean> lying =
                new ChoiceField<>(
                        "How the sheet lies",
                        List.of(false, true),
                        is -> is ? "lying" : "upright",
                        is -> layout("Sheet turned", LayoutSentences::turned));
        lying.setId("sheet-lying");
        shows.add(sheet -> lying.show(sheet.layout().widthMm() > sheet.layout().heightMm()));
        return new Sentence("On", paper, lying, ",", width, "by", height, ".");
    }

    private static SheetLayout turned(SheetLayout layout) {
        return layout.withSize(layout.heightMm(), layout.widthMm());
    }

    private void sized(PaperSize paper) {
        boolean lying = desk.sheet().layout().widthMm() > desk.sheet().layout().heightMm();
        double least = Math.min(paper.widthMm(), paper.heightMm());
        double most = Math.max(paper.widthMm(), paper.heightMm());
        layout(
                "Paper",
                layout -> lying ? layout.withSize(most, least) : layout.withSize(least, most));
    }

    private Node rim() {
        return new Sentence(
                "Cuts keep",
                number(
                        "Rim",
                        "sheet-rim",
                        0,
                        200,
                        (layout, mm) -> layout.withRimMm(mm),
                        SheetLayout::rimMm),
                "from the sheet’s edges.");
    }

    private Node ground() {
        return new Sentence(
                "The ground is",
                build(
                        "Ground",
                        "sheet-ground",
                        (layout, build) -> layout.withGround(build),
                        SheetLayout::ground),
                ".");
    }

    private Node header() {
        return strip("A header of", "header", SheetLayout::header, SheetLayout::withHeader);
    }

    private Node written() {
        TextValue title =
                text("Title", "sheet-title", "a title", GangSheet::title, GangSheet::withTitle);
        TextValue number =
                text(
                        "Number",
                        "sheet-number",
                        "a number",
                        GangSheet::number,
                        GangSheet::withNumber);
        return new Sentence("It says", title, "and", number, ".");
    }

    private Node footer() {
        Node strip = strip("A footer of", "footer", SheetLayout::footer, SheetLayout::withFooter);
        TextValue shop =
                text(
                        "Shop line",
                        "sheet-shop",
                        "your shop",
                        sheet -> sheet.layout().shop(),
                        (sheet, words) -> sheet.withLayout(sheet.layout().withShop(words)));
        return new VBox(7, strip, new Sentence("It says", shop, "."));
    }

    /** What changes one of its strips. */
    private interface WithStrip {
        SheetLayout with(SheetLayout layout, Strip strip);
    }

    private Node strip(String words, String id, Function<SheetLayout, Strip> of, WithStrip with) {
        NumberField height =
                number(
                        words,
                        id + "-height",
                        0,
                        MOST_STRIP_MM,
                        (layout, mm) -> with.with(layout, of.apply(layout).withHeightMm(mm)),
                        layout -> of.apply(layout).heightMm());
        BuildField colour =
                build(
                        words + ", its colour",
                        id + "-colour",
                        (layout, build) -> with.with(layout, of.apply(layout).withBuild(build)),
                        layout -> of.apply(layout).build());
        BuildField lettering =
                build(
                        words + ", its lettering",
                        id + "-lettering",
                        (layout, build) -> with.with(layout, of.apply(layout).withLettering(build)),
                        layout -> of.apply(layout).lettering());
        return new Sentence(words, height, "in", colour, ", lettered in", lettering, ".");
    }

    private Node kept() {
        TextValue box =
                new TextValue(
                        "A place kept clear: left, top, width, height in mm",
                        "left top width height",
                        words -> layout("Place kept clear", layout -> keptClear(layout, words)));
        box.setId("keep-clear");
        shows.add(
                sheet -> {
                    box.show("");
                    int count = sheet.layout().kept().size();
                    clear.setText(count == 1 ? "Give the place free" : "Give " + count + " free");
                    clear.setVisible(count > 0);
                    clear.setManaged(count > 0);
                });
        return new Sentence("Keep clear", box, "mm.");
    }

    private static SheetLayout keptClear(SheetLayout layout, String words) {
        if (words.isBlank()) {
            return layout;
        }
        String[] parts = words.strip().split("[ ,;]+");
        try {
            double[] mm = Arrays.stream(parts).mapToDouble(Double::parseDouble).toArray();
            if (mm.length == 4 && mm[2] > 0 && mm[3] > 0) {
                List<Envelope> kept = new ArrayList<>(layout.kept());
                kept.add(new Envelope(mm[0], mm[0] + mm[2], mm[1], mm[1] + mm[3]));
                return layout.withKept(kept);
            }
        } catch (NumberFormatException e) {
            // Told below.
        }
        throw new IllegalArgumentException(
                "a place has four numbers: left, top, width and height in mm");
    }

    private Node inks() {
        TextValue kiss =
                text(
                        "What the ink of cuts is called",
                        "sheet-cut-ink",
                        "a name",
                        sheet -> sheet.layout().inks().kiss(),
                        (sheet, words) -> called(sheet, sheet.layout().inks().withKiss(words)));
        TextValue through =
                text(
                        "What the ink of cuts through all is called",
                        "sheet-through-ink",
                        "a name",
                        sheet -> sheet.layout().inks().through(),
                        (sheet, words) -> called(sheet, sheet.layout().inks().withThrough(words)));
        return new Sentence("In PDF cuts are called", kiss, "and", through, ".");
    }

    private static GangSheet called(GangSheet sheet, CutInks inks) {
        return sheet.withLayout(sheet.layout().withInks(inks));
    }

    private Node name() {
        TextValue name =
                new TextValue(
                        "Name of the layout",
                        "a name",
                        words -> layout("Name of the layout", layout -> layout.withName(words)));
        name.setId("layout-name");
        shows.add(sheet -> name.show(sheet.layout().name()));
        return new Sentence("The layout is called", name, ".");
    }

    private void layout(String what, UnaryOperator<SheetLayout> change) {
        desk.change(
                what, sheet -> sheet.withLayout(change.apply(sheet.layout())), GangWork.MAKE_ROOM);
    }

    private NumberField length(
            String name,
            String id,
            BiFunction<SheetLayout, Double, SheetLayout> with,
            ToDoubleFunction<SheetLayout> of) {
        return number(name, id, 10, SheetLayout.MOST_MM, with, of);
    }

    private NumberField number(
            String name,
            String id,
            double least,
            double most,
            BiFunction<SheetLayout, Double, SheetLayout> with,
            ToDoubleFunction<SheetLayout> of) {
        NumberField field =
                new NumberField(
                        name,
                        "mm",
                        least,
                        most,
                        1,
                        mm -> layout(name, layout -> with.apply(layout, mm)));
        field.setId(id);
        shows.add(sheet -> field.show(of.applyAsDouble(sheet.layout())));
        return field;
    }

    private BuildField build(
            String name,
            String id,
            BiFunction<SheetLayout, Cmyk, SheetLayout> with,
            Function<SheetLayout, Cmyk> of) {
        BuildField field =
                new BuildField(
                        name,
                        "bare",
                        press::preview,
                        build -> layout(name, layout -> with.apply(layout, build)));
        field.words().setId(id);
        shows.add(sheet -> field.show(of.apply(sheet.layout())));
        return field;
    }

    private TextValue text(
            String name,
            String id,
            String prompt,
            Function<GangSheet, String> of,
            BiFunction<GangSheet, String, GangSheet> with) {
        TextValue field =
                new TextValue(
                        name,
                        prompt,
                        words -> desk.change(name, sheet -> with.apply(sheet, words)));
        field.setId(id);
        shows.add(sheet -> field.show(of.apply(sheet)));
        return field;
    }
}
