package neattrace.bench;

import java.util.Locale;

/** Prints how much of what is known was found, and how much else. */
final class RecallTable {

    private final int[] all = new int[3];

    /** Prints the head of the table. */
    RecallTable(String rows, String known) {
        System.out.printf(
                Locale.ROOT,
                "%-17s %6s %6s %8s %6s %10s%n",
                rows,
                known,
                "found",
                "recall",
                "false",
                "false/true");
    }

    /** Adds up rounds and prints their row: how many were known, found, and found besides. */
    void row(String name, Iterable<int[]> rounds) {
        int[] sum = new int[3];
        for (int[] one : rounds) {
            for (int k = 0; k < 3; k++) {
                sum[k] += one[k];
                all[k] += one[k];
            }
        }
        print(name, sum);
    }

    /** Prints the sum of all rows. */
    void all() {
        print("all", all);
    }

    private static void print(String name, int[] sum) {
        System.out.printf(
                Locale.ROOT,
                "%-17s %6d %6d %8.3f %6d %10.3f%n",
                name,
                sum[0],
                sum[1],
                (double) sum[1] / Math.max(1, sum[0]),
                sum[2],
                (double) sum[2] / Math.max(1, sum[1]));
    }
}
