package neattrace.cli;

/** How many letters have to be put in, taken out or changed (V. Levenshtein, 1966). */
final class EditDistance {

    private EditDistance() {}

    static int between(String a, String b) {
        int[] row = new int[b.length() + 1];
        for (int j = 0; j < row.length; j++) {
            row[j] = j;
        }
        for (int i = 1; i <= a.length(); i++) {
            int diagonal = row[0];
            row[0] = i;
            for (int j = 1; j < row.length; j++) {
                int changed = diagonal + (a.charAt(i - 1) == b.charAt(j - 1) ? 0 : 1);
                diagonal = row[j];
                row[j] = Math.min(changed, 1 + Math.min(row[j], row[j - 1]));
            }
        }
        return row[b.length()];
    }
}
