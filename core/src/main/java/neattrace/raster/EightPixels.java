package neattrace.raster;

import java.lang.invoke.MethodHandles;
import java.lang.invoke.VarHandle;
import java.nio.ByteOrder;

/**
 * Eight neighbouring samples in one word, to pass over what is alike at a glance: arithmetic on
 * bytes within a word (H. S. Warren, <i>Hacker's Delight</i>, 2nd ed., 2-18). The first sample is
 * the lowest byte.
 */
public final class EightPixels {

    /** The highest bit of each byte. */
    public static final long HIGH = 0x8080808080808080L;

    private static final long ONES = 0x0101010101010101L;

    /** Moves the lowest bit of byte i to bit 56 + i; no two of the products meet. */
    private static final long GATHER = 0x0102040810204080L;

    private static final VarHandle EIGHT =
            MethodHandles.byteArrayViewVarHandle(long[].class, ByteOrder.LITTLE_ENDIAN);

    private EightPixels() {}

    /** The samples {@code at} to {@code at + 7}. */
    public static long read(byte[] samples, int at) {
        return (long) EIGHT.get(samples, at);
    }

    /**
     * The highest bit of each byte that is, without sign, at least a value; all other bits are 0.
     *
     * @param value 1 to 255
     */
    public static long atLeast(long eight, int value) {
        if (value > 127) {
            return ((eight | HIGH) - (value - 128) * ONES) & eight & HIGH;
        }
        return ((eight | HIGH) - value * ONES | eight) & HIGH;
    }

    /** The highest bits of the eight bytes as one byte, that of the first sample lowest. */
    public static long gather(long high) {
        return (high >>> 7 & ONES) * GATHER >>> 56;
    }

    /**
     * The samples {@code at} to {@code at + 63}: bit k is set if the one at {@code at + k} is,
     * without sign, at least a value.
     *
     * @param value 1 to 255
     */
    public static long sixtyFourAtLeast(byte[] samples, int at, int value) {
        long word = 0;
        for (int k = 0; k < Long.SIZE; k += 8) {
            word |= gather(atLeast(read(samples, at + k), value)) << k;
        }
        return word;
    }

    /** Which byte the lowest set bit lies in. */
    public static int first(long bits) {
        return Long.numberOfTrailingZeros(bits) >>> 3;
    }
}
