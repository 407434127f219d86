package neattrace.app;

import java.nio.file.Path;
import java.util.List;
import java.util.function.Consumer;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;
import neattrace.raster.reading.PictureReader;
import neattrace.standin.skerry.SkerryDrawing;
import neattrace.standin.skerry.SkerryMail;
import neattrace.standin.skerry.SkerryMotif;

/** What is on the table while there is no drawing. */
final class Welcome extends VBox {

    Welcome(
            ReadOnlyObjectProperty<List<Path>> recent,
            Runnable open,
            Consumer<Path> openRecent,
            Consumer<SkerryDrawing> openDemo,
            Runnable openDemoSheet) {
        super(14);
        getStyleClass().add("welcome");
        setAlignment(Pos.CENTER);
        setMaxSize(700, USE_PREF_SIZE);
        Label title = new Label("Put a drawing on the table");
        title.getStyleClass().add("welcome-title");
        Label what =
                new Label("Drop a scan, a picture or a job here: " + PictureReader.KINDS + ".");
        what.getStyleClass().add("hint");
        Button choose = button("Open a file …   Ctrl+O", open);
        choose.getStyleClass().add("first");
        getChildren().addAll(title, what, choose);
        VBox lately = new VBox(14);
        lately.setAlignment(Pos.CENTER);
        show(lately, recent.get(), openRecent);
        recent.addListener((property, before, now) -> show(lately, now, openRecent));
        getChildren().add(lately);
        getChildren().add(heading("Or try the Skerry Mail's drawings"));
        FlowPane demos = new FlowPane(8, 8);
        demos.setAlignment(Pos.CENTER);
        for (SkerryMail mail : SkerryMail.values()) {
            demos.getChildren().add(button(mail.title(), () -> openDemo.accept(mail)));
        }
        FlowPane motifs = new FlowPane(8, 8);
        motifs.setAlignment(Pos.CENTER);
        for (SkerryMotif motif : SkerryMotif.values()) {
            motifs.getChildren().add(button(motif.title(), () -> openDemo.accept(motif)));
        }
        Button sheet = button("A sheet of their stickers", openDemoSheet);
        sheet.setId("demo-sheet");
        getChildren().addAll(demos, motifs, sheet);
    }

    private static void show(VBox lately, List<Path> files, Consumer<Path> open) {
        lately.getChildren().clear();
        if (!files.isEmpty()) {
            lately.getChildren().add(heading("Lately"));
            for (Path file : files) {
                lately.getChildren()
                        .add(button(file.getFileName().toString(), () -> open.accept(file)));
            }
        }
        lately.setVisible(!files.isEmpty());
        lately.setManaged(!files.isEmpty());
    }

    private static Label heading(String text) {
        Label label = new Label(text);
        label.getStyleClass().add("findings-heading");
        return label;
    }

    private static Button button(String text, Runnable action) {
        Button button = new Button(text);
        button.getStyleClass().setAll("answer");
        button.setOnAction(event -> action.run());
        return button;
    }
}
