package neattrace.export;

/** What a PDF for printers promises. */
public enum PdfStandard {
    /** ISO 15930-7: layers, inks of their own measured as L*a*b*. */
    X4(1.6f, "PDF/X-4", true),

    /** ISO 15930-1: flat, without layers, for older machines. */
    X1A(1.3f, "PDF/X-1a:2001", false);

    private final float version;
    private final String label;
    private final boolean layers;

    PdfStandard(float version, String label, boolean layers) {
        this.version = version;
        this.label = label;
        this.layers = layers;
    }

    /** The PDF's version. */
    float version() {
        return version;
    }

    /** As printers call it. */
    public String label() {
        return label;
    }

    /** Whether layers are kept. */
    boolean hasLayers() {
        return layers;
    }
}
