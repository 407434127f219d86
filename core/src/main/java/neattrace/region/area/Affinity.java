package neattrace.region.area;

/**
 * Knows something about the paper that parts stretches of it even where the ink is open, such as
 * the colours of a rough. Told of every pixel and every merger in the order of the flood.
 */
public interface Affinity {

    /** A pixel (row times width plus column) joined a basin. */
    void added(int basin, int pixel);

    /** A basin became part of another. */
    void merged(int from, int into);

    /** Whether two basins, as far as they are known, are of different kinds. */
    boolean differ(int a, int b);
}
