package neattrace.goods;

import java.util.List;
import java.util.Locale;
import java.util.Optional;

/** Files that are owed for goods. */
public enum FileUse {
    PDF("PDF for the printer, inks in layers"),
    PNG("Transparent PNG, also for the web"),
    SVG("Open vectors, SVG"),
    DXF("Lines for a plotter, DXF"),
    TIFF("One bit for film or plate, TIFF"),
    ORA("Layers for painting, OpenRaster");

    private final String words;

    FileUse(String words) {
        this.words = words;
    }

    /** In a person's words. */
    public String words() {
        return words;
    }

    /** As it is written in files. */
    public String key() {
        return name().toLowerCase(Locale.ROOT);
    }

    /** The use of a key. */
    public static Optional<FileUse> of(String key) {
        for (FileUse use : values()) {
            if (use.key().equals(key)) {
                return Optional.of(use);
            }
        }
        return Optional.empty();
    }

    /** What is usually owed for goods of a kind (common practice, no source). */
    public static List<FileUse> usual(GoodsKind kind) {
        return switch (kind) {
            case STICKER, STICKER_SHEET, MUG, PRINT -> List.of(PDF, PNG);
            case SHIRT -> List.of(PDF, SVG, PNG);
            case COLOURING_PAGE -> List.of(PDF, PNG);
            case TRANSFER_STENCIL -> List.of(PDF);
            case CUT_STENCIL -> List.of(SVG, DXF);
            case FILM -> List.of(TIFF);
        };
    }
}
