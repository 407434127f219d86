package neattrace.app.station.make;

import java.io.File;
import java.io.IOException;
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
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.control.SeparatorMenuItem;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;
import neattrace.app.docket.BuildField;
import neattrace.app.docket.Buttons;
import neattrace.app.docket.ChoiceField;
import neattrace.app.docket.Hint;
import neattrace.app.docket.NumberField;
import neattrace.app.docket.Sentence;
import neattrace.app.docket.Step;
import neattrace.app.docket.TextValue;
import neattrace.app.station.Bench;
import neattrace.app.work.SheetDesk;
import neattrace.app.work.Shown;
import neattrace.files.Shelf;
import neattrace.gang.GangSheet;
import neattrace.gang.GangWork;
import neattrace.goods.PaperSize;
import neattrace.goods.cut.CutInks;
import neattrace.goods.sheet.LayoutFile;
import neattrace.goods.sheet.SheetLayout;
import neattrace.goods.sheet.Strip;
import neattrace.press.Cmyk;
import org.locationtech.jts.geom.Envelope;

/** What a sheet shares with the others of its range: paper, rim, ground, header and footer. */
final class LayoutStep implements Step {

    /** No strip is higher, see {@link Strip}. */
    private static final double MOST_STRIP_MM = 500;

    private final Bench bench;
    private final SheetDesk desk;
    private final VBox content = new VBox(7);
    private final VBox open;
    private final Node without =
            new Hint(
                    "Make a sheet or open one at Sheet; its paper, header and footer are set here.");
    private final List<Consumer<GangSheet>> shows = new ArrayList<>();
    private final MenuButton take = new MenuButton("Take a layout …");
    private final Button clear;

    LayoutStep(Bench bench) {
        this.bench = bench;
        this.desk = bench.workspace().sheetDesk();
        take.setId("take-layout");
        take.getStyleClass().add("answer-menu");
        take.setOnShowing(event -> fillMenu());
        clear =
                Buttons.small(
                        "Give them free",
                        "free-places",
                        () -> layout("Places given free", layout -> layout.withKept(List.of())));
        open =
                new VBox(
                        7, paper(), rim(), ground(), header(), written(), footer(), kept(), clear,
                        inks(), name());
        open.getChildren()
                .add(new FlowPane(6, 6, take, Buttons.small("Keep it", "keep-layout", this::keep)));
        desk.historyProperty().addListener(property -> show());
        show();
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
                        is -> layout("Sheet turned", LayoutStep::turned));
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

    private void fillMenu() {
        take.getItems().clear();
        add("Usual", SheetLayout.USUAL);
        for (SheetLayout kept : shelf().all()) {
            add(kept.name(), kept);
        }
        MenuItem file = new MenuItem("From a file …");
        file.setOnAction(event -> fromFile());
        take.getItems().addAll(new SeparatorMenuItem(), file);
    }

    private void add(String words, SheetLayout layout) {
        MenuItem item = new MenuItem(words);
        item.setMnemonicParsing(false);
        item.setOnAction(event -> take(layout));
        take.getItems().add(item);
    }

    private void fromFile() {
        File file = bench.choose("A layout from a file", "Layouts", "*" + LayoutFile.ENDING);
        if (file == null) {
            return;
        }
        try {
            take(LayoutFile.open(file.toPath()));
        } catch (IOException e) {
            bench.workspace().tellTrouble(e);
        }
    }

    /** The sheet takes a layout. */
    void take(SheetLayout layout) {
        layout("Layout " + layout.name(), before -> layout);
    }

    private Shelf<SheetLayout> shelf() {
        return bench.workspace().folders().layouts();
    }

    /** Keeps the layout under its name, for other sheets of the range. */
    private void keep() {
        try {
            SheetLayout layout = desk.sheet().layout();
            shelf().keep(layout);
            bench.say("Kept the layout “" + layout.name() + "” for other sheets.");
        } catch (IOException e) {
            bench.workspace().tellTrouble(e);
        }
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
                        bench.workspace().press()::preview,
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

    private void show() {
        GangSheet sheet = desk.sheet();
        Node now = sheet == null ? without : open;
        if (content.getChildren().isEmpty() || content.getChildren().get(0) != now) {
            content.getChildren().setAll(now);
        }
        if (sheet != null) {
            shows.forEach(one -> one.accept(sheet));
        }
    }

    @Override
    public String title() {
        return "Layout";
    }

    @Override
    public String state(Shown shown) {
        GangSheet sheet = desk.sheet();
        if (sheet == null) {
            return "of a sheet";
        }
        return PaperSize.of(sheet.layout().widthMm(), sheet.layout().heightMm())
                .map(PaperSize::label)
                .orElse("own size");
    }

    @Override
    public Node content() {
        return content;
    }

    @Override
    public void show(Shown shown) {
        show();
    }
}
