package neattrace.standin.skerry;

import java.util.function.Consumer;
import neattrace.standin.pen.Pen;
import neattrace.standin.pen.PenDrawing;
import neattrace.standin.scanner.ScanSettings;

/** Small motifs of the demo, each a sticker of its own and made for a sheet of them. */
public enum SkerryMotif implements SkerryDrawing {
    LIGHTHOUSE("Lighthouse", 56, 72, 51, Lighthouse::draw),
    GULL("Gull with a letter", 70, 76, 52, Gull::draw),
    CRAB("Crab with a letter", 77, 64, 53, Crab::draw),
    BOTTLE("Letter in a bottle", 70, 56, 54, Bottle::draw),
    SEAL("Seal in a cap", 62, 70, 55, Seal::draw),
    LETTERBOX("Letterbox", 57, 76, 56, Letterbox::draw);

    private static final double TIP_MM = 0.3;
    private static final double PPI = 600;

    private final String title;
    private final double widthMm;
    private final double heightMm;
    private final long seed;
    private final Consumer<Pen> drawing;

    SkerryMotif(String title, double widthMm, double heightMm, long seed, Consumer<Pen> drawing) {
        this.title = title;
        this.widthMm = widthMm;
        this.heightMm = heightMm;
        this.seed = seed;
        this.drawing = drawing;
    }

    @Override
    public String title() {
        return title;
    }

    @Override
    public PenDrawing draw() {
        Pen pen = new Pen(TIP_MM);
        drawing.accept(pen);
        return pen.finish(title, widthMm, heightMm);
    }

    @Override
    public ScanSettings everydayScan() {
        return ScanSettings.flat(PPI, seed);
    }
}
