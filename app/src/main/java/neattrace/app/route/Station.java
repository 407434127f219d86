package neattrace.app.route;

import javafx.scene.input.KeyCode;

/** The stops of the route. The marks are our own drawings on a 24 x 24 grid. */
public enum Station {
    /** The scan becomes ink and paper. */
    SHEET("Sheet", KeyCode.S, "M5 3 H16 L20 7 V21 H5 Z M16 3 V7 H20 M8 12 H17 M8 16 H14"),
    /** Ink becomes curves. */
    LINE("Line", KeyCode.L, "M3 19 C7 5 12 5 13 12 C14 19 18 18 21 6 M3 19 h0.1 M21 6 h0.1"),
    /** Gaps are closed. */
    CLOSE("Close", KeyCode.C, "M14 4.5 A8 8 0 1 0 19.5 10 M14 4.5 L19.5 10"),
    /** Areas get colours. */
    FLATS("Flats", KeyCode.F, "M4 4 H11 V11 H4 Z M13 4 H20 V20 H13 Z M4 13 H11 V20 H4 Z"),
    /** Colours get ink values. */
    PRESS(
            "Press",
            KeyCode.P,
            "M4 9 a5 5 0 1 0 10 0 a5 5 0 1 0 -10 0 M10 9 a5 5 0 1 0 10 0 a5 5 0 1 0 -10 0 M7 15 a5 5 0 1 0 10 0 a5 5 0 1 0 -10 0"),
    /** Files go out. */
    HAND_OVER("Hand over", KeyCode.H, "M3 7 H21 V19 H3 Z M3 7 L12 14 L21 7");

    private final String title;
    private final KeyCode key;
    private final String mark;

    Station(String title, KeyCode key, String mark) {
        this.title = title;
        this.key = key;
        this.mark = mark;
    }

    /** In the user's words. */
    public String title() {
        return title;
    }

    /** The key that goes there. */
    public KeyCode key() {
        return key;
    }

    /** SVG path of its mark, to be stroked. */
    public String mark() {
        return mark;
    }
}
