package neattrace.goods;

import java.util.Optional;

/** Kinds of goods. */
public enum GoodsKind {
    STICKER("sticker", "Sticker"),
    STICKER_SHEET("sticker-sheet", "Sticker sheet"),
    SHIRT("shirt", "Shirt or tote"),
    MUG("mug", "Mug"),
    COLOURING_PAGE("colouring-page", "Colouring page"),
    TRANSFER_STENCIL("transfer-stencil", "Transfer stencil"),
    CUT_STENCIL("cut-stencil", "Cut stencil"),
    PRINT("print", "Print or card"),
    FILM("film", "Film or plate");

    private final String key;
    private final String label;

    GoodsKind(String key, String label) {
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

    /** Whether they are cut out as stickers, singly or from sheets. */
    public boolean isSticker() {
        return this == STICKER || this == STICKER_SHEET;
    }

    /** The same within a sentence, such as "shirt". */
    public String noun() {
        return switch (this) {
            case SHIRT -> "shirt";
            case PRINT -> "print";
            case FILM -> "film";
            default -> label.toLowerCase(java.util.Locale.ROOT);
        };
    }

    /** The kind of a key. */
    public static Optional<GoodsKind> of(String key) {
        for (GoodsKind kind : values()) {
            if (kind.key.equals(key)) {
                return Optional.of(kind);
            }
        }
        return Optional.empty();
    }
}
