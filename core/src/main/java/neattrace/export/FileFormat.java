package neattrace.export;

import java.nio.file.Path;
import java.util.Locale;

/** Files that are written for others. */
public enum FileFormat {
    SVG("svg", "Open vectors in mm, a layer for each swatch."),
    PDF("pdf", "For the printer: exact ink values, in layers."),
    PNG("png", "For screens, with a transparent ground."),
    /** Release 12. */
    DXF("dxf", "For cutters and plotters: lines only."),
    /** OpenRaster. */
    ORA("ora", "For painters: a layer for each swatch, areas as masks."),
    /** One bit, CCITT Group 4. */
    TIFF("tif", "For film and plate: one bit.");

    private final String ending;
    private final String use;

    FileFormat(String ending, String use) {
        this.ending = ending;
        this.use = use;
    }

    /** How names of its files end, with the dot. */
    public String ending() {
        return "." + ending;
    }

    /** What it is for, in a sentence. */
    public String use() {
        return use;
    }

    /** Whether a file's name says that it is one. */
    public boolean isIn(Path file) {
        return file.toString().toLowerCase(Locale.ROOT).endsWith(ending());
    }
}
