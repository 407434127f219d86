package neattrace.press.rehearsal;

/** What goes wrong on a press. */
public enum Fault {
    /** Paper shows where two colours should meet, or beside black. */
    SLIVER("paper shows"),
    /** Colour that lies beneath black shows beside it. */
    FRINGE("coloured fringes"),
    /** A narrow gap in an ink closes. */
    FILLED("gaps fill"),
    /** A thin light line is printed over. */
    DROWNED("light lines drown");

    private final String words;

    Fault(String words) {
        this.words = words;
    }

    /** In a few words. */
    public String words() {
        return words;
    }
}
