package neattrace.sheet.review;

/** Kinds of goods and the resolution they ask for (common practice, no source). */
public enum Goods {
    STICKER("Sticker", 300),
    SHIRT("Shirt", 200),
    MUG("Mug", 300),
    COLOURING_PAGE("Colouring page", 300),
    STENCIL("Stencil", 150),
    ONE_BIT("Film or plate, one-bit", 1200);

    private final String label;
    private final double ppi;

    Goods(String label, double ppi) {
        this.label = label;
        this.ppi = ppi;
    }

    /** In the user's words. */
    public String label() {
        return label;
    }

    /** Pixels an inch it wants at its final size. */
    public double ppi() {
        return ppi;
    }
}
