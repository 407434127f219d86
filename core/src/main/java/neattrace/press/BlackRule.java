package neattrace.press;

/** How the black of the line art is printed. */
public enum BlackRule {
    /**
     * C60 M40 Y40 laid beneath the lines and K100 over them, 240 % in all: deep black for solid
     * areas and bold lines (common practice, no source).
     */
    RICH(new Cmyk(60, 40, 40, 0)),

    /**
     * Black ink alone: for thin lines, lettering and one-ink jobs; weak and grey on large areas.
     */
    K_ONLY(Cmyk.PAPER);

    private final Cmyk underlay;

    BlackRule(Cmyk underlay) {
        this.underlay = underlay;
    }

    /** What is printed beneath the black. */
    public Cmyk underlay() {
        return underlay;
    }

    /** What is printed on top: solid black. */
    public Cmyk over() {
        return new Cmyk(0, 0, 0, 100);
    }

    /** Both together. */
    public Cmyk build() {
        return new Cmyk(underlay.c(), underlay.m(), underlay.y(), 100);
    }
}
