package neattrace.job.log;

/**
 * What a drawing was made and read with, as the person calls it; empty if nobody has said.
 *
 * @param scanner such as "flatbed at the library"
 * @param paper such as "smooth card 250 g"
 * @param pen such as "brush pen, medium"
 */
public record Tools(String scanner, String paper, String pen) {

    /** Nobody has said. */
    public static final Tools UNKNOWN = new Tools("", "", "");

    private static final int LONGEST = 80;

    public Tools {
        scanner = named(scanner);
        paper = named(paper);
        pen = named(pen);
    }

    private static String named(String name) {
        String words = name.strip();
        if (words.length() > LONGEST) {
            throw new IllegalArgumentException("a tool's name has at most 80 letters");
        }
        return words;
    }

    /** How many of the paper and the pen are known and the same as others, 0 to 2. */
    public int alike(Tools other) {
        return alike(paper, other.paper) + alike(pen, other.pen);
    }

    private static int alike(String one, String other) {
        return !one.isEmpty() && one.equalsIgnoreCase(other) ? 1 : 0;
    }

    public Tools withScanner(String value) {
        return new Tools(value, paper, pen);
    }

    public Tools withPaper(String value) {
        return new Tools(scanner, value, pen);
    }

    public Tools withPen(String value) {
        return new Tools(scanner, paper, value);
    }
}
