package neattrace.app;

import java.util.EnumSet;
import java.util.Optional;
import java.util.Set;
import javafx.event.EventHandler;
import javafx.scene.Node;
import javafx.scene.control.TextInputControl;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import neattrace.app.docket.OwnKeys;
import neattrace.app.station.StationPanel;
import neattrace.app.table.Table;
import neattrace.app.table.TableMode;
import neattrace.app.work.Workspace;

/** What every key does; {@link KeyCard} tells the user. */
final class Keyboard implements EventHandler<KeyEvent> {

    private static final Set<KeyCode> ENDING = EnumSet.of(KeyCode.ENTER, KeyCode.ESCAPE);
    private static final Set<KeyCode> UNDOING = EnumSet.of(KeyCode.Z, KeyCode.Y);

    private final Workbench workbench;
    private final Workspace workspace;
    private final Table table;
    private TableMode beforeScan = TableMode.ALL;

    Keyboard(Workbench workbench, Workspace workspace, Table table) {
        this.workbench = workbench;
        this.workspace = workspace;
        this.table = table;
    }

    @Override
    public void handle(KeyEvent event) {
        boolean used;
        if (event.isControlDown() && event.isAltDown()) {
            // Where a keyboard has AltGr, these two are letters.
            used = false;
        } else if (event.isShortcutDown()) {
            used = shortcut(event);
        } else {
            used = plainKey(event);
        }
        if (used) {
            event.consume();
        }
    }

    private boolean isTyping() {
        return workbench.getScene().getFocusOwner() instanceof TextInputControl;
    }

    private boolean shortcut(KeyEvent event) {
        if (isTyping() && UNDOING.contains(event.getCode())) {
            // What is undone there is what was typed.
            return false;
        }
        switch (event.getCode()) {
            case O -> workbench.files().choose();
            case S -> {
                // What is still being typed belongs to what is saved.
                workbench.layDownField();
                workbench.files().save(() -> {});
            }
            case Z -> {
                if (event.isShiftDown()) {
                    workbench.redo();
                } else {
                    workbench.undo();
                }
            }
            case Y -> workbench.redo();
            default -> {
                return false;
            }
        }
        return true;
    }

    private boolean plainKey(KeyEvent event) {
        Node focused = workbench.getScene().getFocusOwner();
        if (focused instanceof TextInputControl field) {
            if (ENDING.contains(event.getCode())) {
                workbench.fieldEnded(field);
            }
            return false;
        }
        if (event.isAltDown()) {
            return false;
        }
        if (event.getCode() == KeyCode.TAB && workbench.backToField(event)) {
            return true;
        }
        if (focused instanceof OwnKeys own && own.ownKeys().contains(event.getCode())) {
            return false;
        }
        Optional<StationPanel> stop = workbench.stationAt(event.getCode());
        if (stop.isPresent()) {
            workbench.go(stop.get().stop().key());
            return true;
        }
        return workbench.station().pressed(event) || looking(event);
    }

    private boolean looking(KeyEvent event) {
        switch (event.getCode()) {
            case N -> workbench.findings().step(event.isShiftDown() ? -1 : 1);
            case E -> workbench.findings().turnFold();
            case V -> ViewBar.nextMode(table);
            case I -> beforeAndAfter();
            case U -> table.lensProperty().set(!table.lensProperty().get());
            case G -> table.greyGroundProperty().set(!table.greyGroundProperty().get());
            case O -> table.flip();
            case W -> table.fit();
            case T -> table.trueSize();
            case D -> Theme.toggleNight(workbench.getScene());
            case PLUS, EQUALS, ADD -> table.zoom(1.25);
            case MINUS, SUBTRACT -> table.zoom(0.8);
            case ESCAPE -> layDownOrStop();
            case ENTER -> {
                return table.finishHand();
            }
            case DELETE, BACK_SPACE -> {
                return table.deleteInHand();
            }
            case F1 -> workbench.toggleKeys();
            default -> {
                return false;
            }
        }
        return true;
    }

    private void layDownOrStop() {
        StationPanel station = workbench.station();
        if (workbench.putKeysAway() || station.putAway()) {
            return;
        }
        if (table.handProperty().get() != null) {
            table.take(null);
            workspace.say("");
        } else if (!station.stopWork()) {
            workspace.cancel();
        }
    }

    private void beforeAndAfter() {
        if (table.modeProperty().get() == TableMode.SCAN) {
            table.modeProperty().set(beforeScan);
        } else {
            beforeScan = table.modeProperty().get();
            table.modeProperty().set(TableMode.SCAN);
        }
    }
}
