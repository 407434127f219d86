package neattrace.app.foot;

import java.util.Locale;
import java.util.Optional;
import javafx.beans.property.ReadOnlyDoubleProperty;
import javafx.beans.property.ReadOnlyStringProperty;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ProgressBar;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.stage.Screen;
import neattrace.app.table.Table;
import neattrace.app.work.SheetDesk;
import neattrace.app.work.Shown;
import neattrace.app.work.Workspace;
import neattrace.geom.Point;
import neattrace.job.pipeline.Drawing;
import neattrace.job.pipeline.LineStudy;
import neattrace.region.Area;

/** One line of facts at the foot of the window. */
public final class FootBar extends HBox {

    private final Workspace workspace;
    private final Label place = label("foot-place", 190);
    private final Label under = label("foot-under", 290);
    private final Label zoom = label("foot-zoom", 60);

    /** The foot of a window. */
    public FootBar(Workspace workspace, Table table) {
        this.workspace = workspace;
        getStyleClass().add("foot");
        setAlignment(Pos.CENTER_LEFT);
        Label message = new Label();
        message.setId("message");
        message.textProperty().bind(workspace.messageProperty());
        message.setMinWidth(0);
        HBox.setHgrow(message, Priority.ALWAYS);
        Region push = new Region();
        HBox.setHgrow(push, Priority.SOMETIMES);
        HBox running =
                running(
                        workspace.stepProperty(),
                        workspace.progressProperty(),
                        "cancel",
                        workspace::cancel);
        HBox aside =
                running(
                        workspace.sheetMaking().stepProperty(),
                        workspace.sheetMaking().progressProperty(),
                        "cancel-aside",
                        workspace.sheetMaking()::cancel);
        HBox sheet =
                running(
                        workspace.sheetDesk().stepProperty(),
                        workspace.sheetDesk().progressProperty(),
                        "cancel-sheet",
                        workspace.sheetDesk()::stop);
        HBox writing =
                running(
                        workspace.writing().stepProperty(),
                        workspace.writing().progressProperty(),
                        "cancel-writing",
                        workspace.writing()::stop);
        getChildren().addAll(message, push, running, writing, aside, sheet, under, place, zoom);
        table.pointedAtProperty()
                .addListener((property, before, at) -> show(table.shownProperty().get(), at));
        table.scaleBinding()
                .addListener(
                        (property, before, scale) -> {
                            if (workspace.overScaleProperty().get() == 0) {
                                zoom(scale.doubleValue());
                            }
                        });
        SheetDesk desk = workspace.sheetDesk();
        zoom(table.scaleBinding().get());
        zoom.visibleProperty().bind(table.shownProperty().isNotNull().or(desk.inHandProperty()));
        desk.inHandProperty().addListener(property -> showSheet(table));
        workspace.overScaleProperty().addListener(property -> showSheet(table));
        desk.underProperty().addListener(property -> showSheet(table));
        workspace.overWordsProperty().addListener(property -> showSheet(table));
    }

    private static HBox running(
            ReadOnlyStringProperty what, ReadOnlyDoubleProperty share, String id, Runnable stop) {
        Label step = new Label();
        step.textProperty().bind(what);
        ProgressBar bar = new ProgressBar();
        bar.progressProperty().bind(share);
        Button cancel = new Button("Stop");
        cancel.setId(id);
        cancel.getStyleClass().setAll("answer");
        cancel.setOnAction(event -> stop.run());
        HBox running = new HBox(8, step, bar, cancel);
        running.setAlignment(Pos.CENTER);
        running.visibleProperty().bind(share.greaterThanOrEqualTo(0));
        running.managedProperty().bind(running.visibleProperty());
        return running;
    }

    private static Label label(String id, double width) {
        Label label = new Label();
        label.setId(id);
        label.setMinWidth(width);
        label.setAlignment(Pos.CENTER_RIGHT);
        return label;
    }

    /** While one works on a sheet of stickers the foot tells of that. */
    private void showSheet(Table table) {
        SheetDesk desk = workspace.sheetDesk();
        boolean sheet = desk.inHandProperty().get();
        place.setText("");
        under.setText((sheet ? desk.underProperty() : workspace.overWordsProperty()).get());
        double over = workspace.overScaleProperty().get();
        zoom(over > 0 ? over : table.scaleBinding().get());
    }

    private void zoom(double scale) {
        double real = Screen.getPrimary().getDpi() / 25.4;
        zoom.setText(String.format(Locale.ROOT, "%.0f %%", 100 * scale / real));
    }

    private void show(Shown shown, Point at) {
        if (shown == null || at == null) {
            place.setText("");
            under.setText("");
            return;
        }
        Drawing drawing = shown.drawing();
        Point px =
                drawing.reading()
                        .frame()
                        .toSource()
                        .apply(at.times(drawing.resolution().pxPerMm()));
        place.setText(
                String.format(
                        Locale.ROOT,
                        "%.1f, %.1f mm · %.0f, %.0f px",
                        at.x(),
                        at.y(),
                        px.x(),
                        px.y()));
        under.setText(what(shown.drawing(), workspace.insights().studyProperty().get(), at));
    }

    /** The inks of the line at a place: its colour's, if it has one. */
    private static String inkAt(Drawing drawing, Point at) {
        return drawing.traced()
                .swatchOfLineAt(at)
                .map(swatch -> swatch.name() + ", " + swatch.build())
                .orElse(drawing.job().black().build().toString());
    }

    private static String what(Drawing drawing, LineStudy study, Point at) {
        if (drawing.inkAt(at)) {
            String wide =
                    Optional.ofNullable(study)
                            .flatMap(known -> known.mender().widthAt(at, 0))
                            .map(mm -> String.format(Locale.ROOT, "line of %.2f mm, ", mm))
                            .orElse("ink, ");
            return wide + inkAt(drawing, at);
        }
        Optional<Area> area = drawing.areaAt(at);
        if (area.isEmpty()) {
            return "";
        }
        if (area.get().outside()) {
            return "paper round the drawing";
        }
        String size = String.format(Locale.ROOT, "%.1f mm²", drawing.squareMm(area.get()));
        Integer swatch = drawing.attachment().swatchOf().get(area.get().label());
        return Optional.ofNullable(swatch)
                        .flatMap(drawing.job()::swatch)
                        .map(found -> found.name() + ", " + found.build())
                        .orElse("bare area")
                + ", "
                + size;
    }
}
