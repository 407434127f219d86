package neattrace.sheet.speck;

/** Goes by a size that was set by hand. What is nearly so small or so large is in doubt. */
final class SizeJudge implements Judge {

    /** From this share of the limit's diameter to that one a piece is in doubt. */
    private static final double DOUBT_FROM = 0.8;

    static final double DOUBT_TO = 1.4;

    private final SmallPieces pieces;
    private final double limitPx;

    SizeJudge(SmallPieces pieces, double limitPx) {
        this.pieces = pieces;
        this.limitPx = limitPx;
    }

    @Override
    public double score(int k) {
        double times = Math.log(pieces.diameterPx(k) / limitPx);
        return DOUBT * times / Math.log(times < 0 ? 1 / DOUBT_FROM : DOUBT_TO);
    }
}
