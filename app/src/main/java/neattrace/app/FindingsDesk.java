package neattrace.app;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import neattrace.app.findings.FindingsRoom;
import neattrace.app.route.RouteBar;
import neattrace.app.station.StationPanel;
import neattrace.app.table.Mark;
import neattrace.app.table.Table;
import neattrace.app.work.Insights;
import neattrace.app.work.KnownSheet;
import neattrace.app.work.Looked;
import neattrace.app.work.LookedDrawing;
import neattrace.app.work.LookedSheet;
import neattrace.app.work.SheetDesk;
import neattrace.app.work.Shown;
import neattrace.app.work.Workspace;
import neattrace.finding.Answer;
import neattrace.finding.Finding;
import neattrace.finding.Findings;
import neattrace.job.Job;

/** Findings between what found them, the room that tells them, the route and the table. */
final class FindingsDesk implements FindingsRoom.Acts {

    private final Workspace workspace;
    private final Table table;
    private final RouteBar route;
    private final List<StationPanel> stations;
    private final Consumer<String> go;
    private final Answering answering;
    private final FindingsRoom room = new FindingsRoom(this);
    private StationPanel station;
    private LookedSheet sheetLooked;

    /**
     * A desk.
     *
     * @param go goes to the station of a key
     */
    FindingsDesk(
            Workspace workspace,
            Table table,
            RouteBar route,
            List<StationPanel> stations,
            Consumer<String> go) {
        this.workspace = workspace;
        this.table = table;
        this.route = route;
        this.stations = stations;
        this.go = go;
        this.answering = new Answering(workspace);
    }

    /** The room at the right. */
    FindingsRoom room() {
        return room;
    }

    /** Shows what is found at a station, and along the route. */
    void show(StationPanel at) {
        station = at;
        Shown now = workspace.shownProperty().get();
        boolean sheet = workspace.sheetDesk().inHandProperty().get();
        if (now == null) {
            route.showNothing();
            if (sheet) {
                showSheet();
            } else {
                room.show(null, station.stop().key(), Optional.empty(), "");
            }
            return;
        }
        LookedDrawing looked = workspace.insights().lookedProperty().get();
        Findings found = looked == null ? Findings.NONE : looked.findings();
        for (StationPanel panel : stations) {
            route.show(panel.stop().key(), found, isTouched(panel));
        }
        if (sheet) {
            showSheet();
            return;
        }
        room.show(looked, station.stop().key(), station.reply(now), otherwise(looked));
        showMarks();
    }

    /** What stands against the sheet of stickers that one works on. */
    private void showSheet() {
        SheetDesk desk = workspace.sheetDesk();
        KnownSheet known = desk.knownProperty().get();
        if (known == null) {
            room.show(
                    null, station.stop().key(), Optional.empty(), "The drawings are being read …");
            return;
        }
        if (sheetLooked == null || sheetLooked.known() != known) {
            sheetLooked = new LookedSheet(known, known.arranged());
        }
        route.show(station.stop().key(), known.findings(), true);
        room.show(
                sheetLooked,
                station.stop().key(),
                Optional.empty(),
                known.arranged()
                        ? "Nothing stands against it."
                        : "The stickers are being arranged …");
    }

    private boolean isTouched(StationPanel panel) {
        Job job = workspace.job();
        return panel.isTouched(job) || job.log().hasSettled(panel.stop().key());
    }

    /** What is said where nothing was found. */
    private String otherwise(LookedDrawing looked) {
        Insights insights = workspace.insights();
        for (String failure :
                List.of(
                        insights.lookFailureProperty().get(),
                        insights.reviewFailureProperty().get(),
                        insights.studyFailureProperty().get())) {
            if (!failure.isEmpty()) {
                return "The job could not be looked through: " + failure;
            }
        }
        return looked == null || !looked.whole()
                ? "The job is being looked through …"
                : station.whenClear();
    }

    @Override
    public void lookAt(Finding finding) {
        station.findingChosen(finding);
        if (workspace.sheetDesk().inHandProperty().get()) {
            return;
        }
        finding.place()
                .ifPresent(place -> table.lookAt(place.at(), 3 * Math.max(3, place.reachMm())));
        showMarks();
    }

    @Override
    public boolean isNewest(Looked found) {
        return found instanceof LookedDrawing drawing
                ? drawing.drawing().job() == workspace.job()
                : found == sheetLooked;
    }

    @Override
    public boolean give(Answer answer, Looked about) {
        if (answer instanceof Answer.Visit visit) {
            go.accept(visit.station());
            return false;
        }
        return answering.give(answer, about, station);
    }

    private void showMarks() {
        Shown now = workspace.shownProperty().get();
        if (now == null) {
            return;
        }
        List<Mark> marks = new ArrayList<>(station.marks(now));
        room.mark().ifPresent(marks::add);
        table.setMarks(marks);
    }
}
