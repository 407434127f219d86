package neattrace.press.separate;

/** What an area becomes in one ink, from light to dark. */
public enum Tone {
    BARE("bare", 0),
    LIGHT("a light tint", 20),
    MIDDLE("a middle tint", 45),
    DARK("a dark tint", 70),
    INK("solid ink", 100);

    private final String words;
    private final double percent;

    Tone(String words, double percent) {
        this.words = words;
        this.percent = percent;
    }

    /** In a few words. */
    public String words() {
        return words;
    }

    /** How much ink, percent. */
    public double percent() {
        return percent;
    }
}
