package neattrace.app.route;

import neattrace.finding.Findings;
import neattrace.finding.Severity;

/**
 * What matters about a stop.
 *
 * @param tone how it is shown
 * @param words what is told
 */
record StopState(Tone tone, String words) {

    /** How a state is shown. */
    enum Tone {
        QUIET,
        LOOK,
        STOP,
        SETTLED
    }

    /** Where there is no drawing. */
    static final StopState NOTHING = new StopState(Tone.QUIET, "");

    private static final StopState UNTOUCHED = new StopState(Tone.QUIET, "untouched");

    /**
     * The state of a station.
     *
     * @param touched whether anything was decided there
     */
    static StopState of(String station, Findings findings, boolean touched) {
        int stop = findings.kinds(station, Severity.STOP);
        if (stop > 0) {
            return new StopState(Tone.STOP, stop == 1 ? "1 stops the job" : stop + " stop the job");
        }
        int look = findings.kinds(station, Severity.LOOK);
        if (look > 0) {
            return new StopState(Tone.LOOK, look + " to look at");
        }
        return touched ? new StopState(Tone.SETTLED, "settled") : UNTOUCHED;
    }
}
