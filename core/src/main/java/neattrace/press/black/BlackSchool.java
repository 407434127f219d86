package neattrace.press.black;

/** Schools of black. */
public enum BlackSchool {
    /**
     * Colours beneath solids and bold lines, kept back from the black's edge; fine lines are black
     * ink alone. No coloured fringe shows when plates lie off; the edge of a solid is a little less
     * deep.
     */
    KEPT_BACK("rich where bold, kept back from the edge"),

    /**
     * Colours beneath all of the black, as drawn. Deep to the edge; when plates lie off, coloured
     * fringes show beside it.
     */
    AS_DRAWN("rich everywhere, as drawn"),

    /** Black ink alone: for lettering and one-ink jobs; solids look grey. */
    K_ONLY("black ink alone");

    private final String words;

    BlackSchool(String words) {
        this.words = words;
    }

    /** In a few words. */
    public String words() {
        return words;
    }
}
