package neattrace.sheet.speck;

/** Tells what belongs to the drawing. */
interface Judge {

    /** A score this far from zero either way is in doubt. */
    double DOUBT = 1.2;

    /** Above zero for what belongs to the drawing, in logarithms of odds. */
    double score(int k);
}
