package neattrace.standin.skerry;

import neattrace.standin.pen.Pen;
import neattrace.standin.pen.PenDrawing;
import neattrace.standin.scanner.ScanSettings;

/** The drawings of the demo, each with the goods it is meant for. */
public enum SkerryMail implements SkerryDrawing {
    /** A sticker. */
    PUFFIN("Puffin with a mailbag", 100, 112, 0.25, 400, 11),
    /** A shirt. */
    MAIL_BOAT("Mail boat over a wave", 130, 130, 0.25, 400, 23),
    /** A colouring page of 8 x 10 in. */
    GLASSHOUSE("Glasshouse", 203.2, 254, 0.45, 300, 37),
    /** A stencil. */
    MOTH("Moth on a knotted rope", 150, 190, 0.35, 300, 41);

    private final String title;
    private final double widthMm;
    private final double heightMm;
    private final double tipMm;
    private final double ppi;
    private final long seed;

    SkerryMail(String title, double widthMm, double heightMm, double tipMm, double ppi, long seed) {
        this.title = title;
        this.widthMm = widthMm;
        this.heightMm = heightMm;
        this.tipMm = tipMm;
        this.ppi = ppi;
        this.seed = seed;
    }

    @Override
    public String title() {
        return title;
    }

    @Override
    public PenDrawing draw() {
        Pen pen = new Pen(tipMm);
        switch (this) {
            case PUFFIN -> Puffin.draw(pen);
            case MAIL_BOAT -> MailBoat.draw(pen);
            case GLASSHOUSE -> Glasshouse.draw(pen);
            case MOTH -> Moth.draw(pen);
        }
        return pen.finish(title, widthMm, heightMm);
    }

    @Override
    public ScanSettings everydayScan() {
        return ScanSettings.everyday(ppi, seed);
    }
}
