package neattrace.app;

import neattrace.app.station.StationPanel;
import neattrace.app.work.Looked;
import neattrace.app.work.LookedDrawing;
import neattrace.app.work.SheetDesk;
import neattrace.app.work.Workspace;
import neattrace.finding.Answer;
import neattrace.job.Job;

/** Does what an answer to a finding says. */
final class Answering {

    private final Workspace workspace;

    Answering(Workspace workspace) {
        this.workspace = workspace;
    }

    /**
     * Gives an answer. Answers apply to the job as it stands, also while an earlier one is still
     * being worked out; not if the sheet lies another way since.
     *
     * @param station lays colours and takes up what is done by hand
     * @return whether it changed the job
     */
    boolean give(Answer answer, Looked looked, StationPanel station) {
        if (looked instanceof LookedDrawing about) {
            return give(answer, about, station);
        }
        if (answer instanceof Answer.ByHand byHand) {
            station.takeUp(byHand.hand());
        }
        return answer instanceof Answer.OnSheet change && change(change);
    }

    private boolean change(Answer.OnSheet answer) {
        SheetDesk desk = workspace.sheetDesk();
        desk.change(answer.what(), answer.changing(), answer.then());
        return true;
    }

    private boolean give(Answer answer, LookedDrawing about, StationPanel station) {
        Job before = workspace.job();
        if (!about.holdsFor(before)) {
            workspace.say("The sheet is being looked through anew; try again in a moment.");
            return false;
        }
        if (answer instanceof Answer.Change change) {
            workspace.change(change.what(), job -> change.apply(job, about.drawing()));
        } else if (answer instanceof Answer.Colour colour) {
            colour(colour, about, station);
        } else if (answer instanceof Answer.ByHand byHand) {
            station.takeUp(byHand.hand());
        }
        return workspace.job() != before;
    }

    private void colour(Answer.Colour colour, LookedDrawing about, StationPanel station) {
        boolean same = about.drawing().areas() == workspace.shownProperty().get().drawing().areas();
        if (same) {
            station.colour(colour.areas());
        } else {
            workspace.say("The areas are being looked through anew; try again in a moment.");
        }
    }
}
