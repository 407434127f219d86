package neattrace.goods.nest;

/**
 * How pieces are to be arranged.
 *
 * @param turns in which directions a piece may lie: so many, evenly round; 1 for as it is
 * @param fill whether copies are added as long as one fits
 * @param seed the same one gives the same arrangement
 * @param seconds it takes at most, over 0; what was found until then counts
 * @param rounds of improving at most; of a small number the same come whatever the machine
 */
public record NestWish(int turns, boolean fill, long seed, double seconds, int rounds) {

    /** As good as it gets while one waits; rounds end it, so that it comes out the same again. */
    public static final NestWish USUAL = new NestWish(24, false, 1, 30, 60);

    private static final int UNBOUNDED = 1_000_000;

    /** The same until time is over. */
    public NestWish forSeconds(double value) {
        return new NestWish(turns, fill, seed, value, UNBOUNDED);
    }

    /** The same for a quick try. */
    NestWish quick(int directions) {
        return new NestWish(directions, false, seed, seconds, Math.min(rounds, 3));
    }

    public NestWish {
        if (turns < 1 || turns > 360 || rounds < 0 || !(seconds > 0)) {
            throw new IllegalArgumentException("1 to 360 turns, some time");
        }
    }
}
