package neattrace.standin.skerry;

import java.util.Locale;
import neattrace.standin.pen.PenDrawing;
import neattrace.standin.scanner.ScanSettings;

/** A drawing of the demo. */
public sealed interface SkerryDrawing permits SkerryMail, SkerryMotif {

    /** What the drawing is called. */
    String title();

    /** Draws it; takes a second or so. */
    PenDrawing draw();

    /** How the demo scans it. */
    ScanSettings everydayScan();

    /** The name of its constant. */
    String name();

    /** A file name for the scan. */
    default String fileName() {
        return "skerry-" + name().toLowerCase(Locale.ROOT).replace('_', '-') + ".png";
    }
}
