package neattrace.app.station.brief;

import java.io.ByteArrayInputStream;
import java.io.File;
import java.util.ArrayList;
import java.util.List;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.image.Image;
import javafx.scene.image.ImageView;
import javafx.scene.layout.HBox;
import neattrace.app.docket.Buttons;
import neattrace.job.change.SnapshotTaker;
import neattrace.job.log.Snapshot;
import neattrace.raster.reading.PictureReader;

/** A picture that is chosen from a file and kept small, or none. */
final class PictureBox extends HBox {

    private static final double SIDE = 34;

    private final BriefDesk desk;
    private final Button choose;
    private final String words;
    private Snapshot picture = Snapshot.NONE;

    PictureBox(BriefDesk desk, String id, String words) {
        super(6);
        this.desk = desk;
        this.words = words;
        setAlignment(Pos.CENTER_LEFT);
        choose = Buttons.small(words, id, this::choose);
        getChildren().add(choose);
    }

    private void choose() {
        if (!picture.isEmpty()) {
            show(Snapshot.NONE);
            return;
        }
        File file =
                desk.bench()
                        .choose(
                                "A picture",
                                "Pictures",
                                PictureReader.ENDINGS.stream()
                                        .map(ending -> "*." + ending)
                                        .toArray(String[]::new));
        if (file == null) {
            return;
        }
        List<Snapshot> taken = new ArrayList<>();
        desk.workspace()
                .keep(
                        "Took a small picture of " + file.getName() + ".",
                        file.getName(),
                        progress -> taken.add(SnapshotTaker.take(file.toPath())),
                        desk.workspace().whileOpen(() -> show(taken.get(0))));
    }

    /** What was chosen. */
    Snapshot picture() {
        return picture;
    }

    void show(Snapshot next) {
        picture = next;
        choose.setText(next.isEmpty() ? words : "Without the picture");
        if (next.isEmpty()) {
            getChildren().setAll(choose);
        } else {
            getChildren().setAll(small(next), choose);
        }
    }

    /** A picture as small as a row. */
    static ImageView small(Snapshot picture) {
        ImageView view =
                new ImageView(
                        new Image(
                                new ByteArrayInputStream(picture.jpeg()), 0, SIDE * 2, true, true));
        view.setFitHeight(SIDE);
        view.setFitWidth(SIDE * 1.5);
        view.setPreserveRatio(true);
        return view;
    }
}
