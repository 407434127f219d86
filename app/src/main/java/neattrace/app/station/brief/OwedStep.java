package neattrace.app.station.brief;

import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import javafx.scene.shape.SVGPath;
import neattrace.app.docket.Hint;
import neattrace.app.docket.Rows;
import neattrace.app.docket.Step;
import neattrace.app.work.Shown;
import neattrace.goods.FileUse;
import neattrace.job.Job;
import neattrace.job.WantedGoods;
import neattrace.job.change.Owed;

/** Files that were promised: which of them were written of the drawing as it is now. */
final class OwedStep implements Step {

    private static final DateTimeFormatter DAY =
            DateTimeFormatter.ofPattern("d MMM, HH:mm", Locale.ENGLISH);

    private final BriefDesk desk;
    private final Hint about = new Hint("");
    private final Rows rows = Rows.ofTwoLines(this::remove);
    private final MenuButton more = new MenuButton("Also owed …");
    private final VBox content;
    private List<Owed> shown = List.of();

    OwedStep(BriefDesk desk) {
        this.desk = desk;
        more.setId("add-owed");
        more.getStyleClass().add("answer-menu");
        for (FileUse use : FileUse.values()) {
            MenuItem item = new MenuItem(use.words());
            item.setOnAction(event -> add(use));
            more.getItems().add(item);
        }
        content =
                new VBox(
                        8,
                        about,
                        rows,
                        more,
                        new Hint(
                                "Written at Hand over, they are ticked here; when the drawing changes"
                                        + " they are owed again."));
        desk.chosenProperty().addListener(property -> showChosen());
    }

    private void add(FileUse use) {
        change(
                one -> {
                    List<FileUse> next = new ArrayList<>(one.owed());
                    next.add(use);
                    return one.withOwed(next);
                });
    }

    private void remove(int index) {
        FileUse use = shown.get(index).use();
        change(one -> one.withOwed(one.owed().stream().filter(u -> u != use).toList()));
    }

    private void change(java.util.function.UnaryOperator<WantedGoods> change) {
        desk.chosen()
                .ifPresent(
                        goods ->
                                desk.bench()
                                        .change(
                                                "Owed",
                                                job ->
                                                        job.withGoods(
                                                                job.goods()
                                                                        .with(
                                                                                change.apply(
                                                                                        goods)))));
    }

    @Override
    public String title() {
        return "Owed";
    }

    @Override
    public String state(Shown now) {
        List<Owed> all = now.owed();
        long open = all.stream().filter(one -> !one.current()).count();
        return all.isEmpty() ? "nothing" : open == 0 ? "all written" : open + " owed";
    }

    @Override
    public Node content() {
        return content;
    }

    @Override
    public void show(Shown now) {
        showChosen();
    }

    private void showChosen() {
        Job job = desk.job();
        Optional<WantedGoods> chosen = desk.chosen();
        more.setDisable(chosen.isEmpty());
        if (job == null || desk.shown() == null || chosen.isEmpty()) {
            about.setText("Say at Goods what it will be; what is owed follows from that.");
            shown = List.of();
        } else {
            about.setText("For the " + chosen.get().goods().words() + ":");
            shown =
                    desk.shown().owed().stream()
                            .filter(one -> one.goods().id() == chosen.get().id())
                            .toList();
        }
        rows.show(
                shown.stream().map(one -> one.use().words() + ", " + words(one)).toList(),
                shown.stream().map(OwedStep::row).toList());
    }

    private static Node row(Owed one) {
        SVGPath mark = new SVGPath();
        mark.setContent(one.current() ? "M1 6 L5 10 L12 1" : "M1 1 H11 V11 H1 Z");
        mark.getStyleClass().add(one.current() ? "owed-done" : "owed-open");
        Label name = new Label(one.use().words());
        name.setMaxWidth(165);
        Label state = new Label(words(one));
        state.getStyleClass().add("tile-state");
        state.setMaxWidth(165);
        HBox row = new HBox(8, mark, new VBox(name, state));
        row.setMaxWidth(190);
        return row;
    }

    private static String words(Owed one) {
        if (one.last().isEmpty()) {
            return "owed";
        }
        String when = DAY.format(one.last().get().at());
        return one.current() ? "written " + when : "changed since " + when;
    }
}
