package neattrace.app;

import java.io.File;
import java.nio.file.Path;
import java.util.List;
import java.util.function.Consumer;
import javafx.scene.Node;
import javafx.scene.input.DragEvent;
import javafx.scene.input.TransferMode;

/** Takes files that are dragged in from elsewhere. */
final class FileDrop {

    private FileDrop() {}

    /** Tells of files that are dropped on a node. */
    static void on(Node node, Consumer<List<Path>> whenDropped) {
        node.setOnDragOver(FileDrop::draggedOver);
        node.setOnDragDropped(event -> dropped(event, whenDropped));
    }

    private static void draggedOver(DragEvent event) {
        if (event.getDragboard().hasFiles()) {
            event.acceptTransferModes(TransferMode.COPY);
        }
        event.consume();
    }

    private static void dropped(DragEvent event, Consumer<List<Path>> whenDropped) {
        List<File> dropped = event.getDragboard().getFiles();
        event.setDropCompleted(!dropped.isEmpty());
        if (!dropped.isEmpty()) {
            whenDropped.accept(dropped.stream().map(File::toPath).toList());
        }
        event.consume();
    }
}
