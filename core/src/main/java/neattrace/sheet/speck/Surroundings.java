package neattrace.sheet.speck;

/** What the place of a small piece tells of it. */
interface Surroundings {

    /** Above zero if the drawing is likely to have something there, in logarithms of odds. */
    double score(SmallPieces pieces, int k);
}
