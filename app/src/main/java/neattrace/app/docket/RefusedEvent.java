package neattrace.app.docket;

import javafx.event.Event;
import javafx.event.EventType;

/** A field could not take what was typed; it says why, and whoever it lies in passes that on. */
public final class RefusedEvent extends Event {

    private static final long serialVersionUID = 1L;

    /** The only kind there is. */
    public static final EventType<RefusedEvent> REFUSED = new EventType<>(Event.ANY, "REFUSED");

    private final String why;

    /**
     * A refusal.
     *
     * @param why in a sentence, with what holds instead
     */
    public RefusedEvent(String why) {
        super(REFUSED);
        this.why = why;
    }

    /** Why, in a sentence. */
    public String why() {
        return why;
    }
}
