package neattrace.fuzz;

import java.util.Arrays;
import java.util.List;
import java.util.SplittableRandom;

/** Files that were whole once, with bits, bytes and ends changed. */
final class Mutants {

    private Mutants() {}

    /** One of a few, changed once to six times. */
    static byte[] next(List<byte[]> seeds, SplittableRandom chance) {
        byte[] mutant = seeds.get(chance.nextInt(seeds.size())).clone();
        for (int n = 1 + chance.nextInt(6); n > 0; n--) {
            mutant = mutated(mutant, chance);
        }
        return mutant;
    }

    private static byte[] mutated(byte[] bytes, SplittableRandom chance) {
        if (bytes.length < 2) {
            return bytes;
        }
        int at = chance.nextInt(bytes.length);
        byte[] mutant = bytes.clone();
        switch (chance.nextInt(5)) {
            case 0 -> mutant[at] ^= (byte) (1 << chance.nextInt(8));
            case 1 -> mutant[at] = (byte) chance.nextInt(256);
            case 2 -> mutant = Arrays.copyOf(mutant, at);
            case 3 -> {
                int to = Math.min(mutant.length, at + 1 + chance.nextInt(8));
                Arrays.fill(mutant, at, to, (byte) (chance.nextBoolean() ? 0xff : 0));
            }
            default -> {
                int from = chance.nextInt(bytes.length);
                int length = Math.min(chance.nextInt(32), bytes.length - Math.max(at, from));
                System.arraycopy(bytes, from, mutant, at, length);
            }
        }
        return mutant;
    }
}
