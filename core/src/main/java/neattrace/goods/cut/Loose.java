package neattrace.goods.cut;

/** What becomes of pieces that lie too far from the rest to share its cut. */
public enum Loose {
    /** Each becomes a sticker of its own. */
    OWN("own", "stickers of their own"),
    /** Bridges of the border's colour, as wide as a neck must be, hold them. */
    BRIDGE("bridge", "held by bridges"),
    /** They are printed, but not cut; only the largest piece is. */
    LEAVE("leave", "left out");

    private final String key;
    private final String label;

    Loose(String key, String label) {
        this.key = key;
        this.label = label;
    }

    /** As it is written in files and on the command line. */
    public String key() {
        return key;
    }

    /** In a person's words. */
    public String label() {
        return label;
    }
}
