package neattrace.app.station.press;

import java.util.Optional;
import neattrace.app.station.press.PlateSight.Marks;
import neattrace.geom.Point;
import neattrace.print.ready.PlateStudy;

/** What a click or a key changes on the plates: traps, what lies beneath black, tones. */
final class PlatesHand {

    /** A click means a seam so near, px. */
    private static final double TRAP_PX = 8;

    /** The cross keeps so far from the view's edge, px. */
    private static final double MARGIN = 36;

    private final PressDesk desk;
    private final PlatesView view;

    /** Where keys are, px; null as long as the mouse has it. */
    private Point cross;

    PlatesHand(PressDesk desk, PlatesView view) {
        this.desk = desk;
        this.view = view;
    }

    /** Where keys are, px; empty while the mouse is in use. */
    Optional<Point> cross() {
        return Optional.ofNullable(cross);
    }

    /** Whether there is something that a click changes. */
    private boolean isMarked() {
        PlateStudy of = desk.studyProperty().get();
        return of != null
                && desk.triedProperty().get().isEmpty()
                && (view.sight().marks() != Marks.NONE || of.sheet().oneColour().isPresent());
    }

    /** Moves the cross; at the view's edge the sheet moves instead. */
    void move(double x, double y) {
        Point now = cross == null ? new Point(view.getWidth() / 2, view.getHeight() / 2) : cross;
        Point next = now.plus(new Point(x, y));
        boolean inside =
                next.x() > MARGIN
                        && next.y() > MARGIN
                        && next.x() < view.getWidth() - MARGIN
                        && next.y() < view.getHeight() - MARGIN - view.bar();
        cross = inside ? next : now;
        if (!inside) {
            view.panBy(-x, -y);
        }
        view.told(cross.x(), cross.y());
        view.draw();
    }

    /** Does at the cross what a click does; whether there is one. */
    boolean act() {
        if (cross == null || !isMarked()) {
            return false;
        }
        click(cross.x(), cross.y());
        return true;
    }

    /** The mouse has it: the cross goes. */
    void pointed(double x, double y) {
        if (cross != null) {
            cross = null;
            view.draw();
        }
        view.told(x, y);
    }

    /** A trap off or on, black with colours or without, an area darker in one colour. */
    void click(double x, double y) {
        PlateStudy of = desk.studyProperty().get();
        if (of == null || !desk.triedProperty().get().isEmpty()) {
            return;
        }
        Point mm = view.view().toPage(x, y);
        double reach = TRAP_PX / view.view().scale();
        Marks marks = view.sight().marks();
        if (marks == Marks.TRAPS && of.hasSeam(mm, reach)) {
            desk.change("Trap", press -> of.turned(press, mm));
        } else if (marks == Marks.BENEATH && of.isBlack(mm)) {
            desk.change("Beneath black", press -> of.turnedBlack(press, mm));
        } else if (marks == Marks.NONE && of.sheet().oneColour().isPresent()) {
            desk.change("Darker", press -> of.darker(press, mm));
        }
    }
}
