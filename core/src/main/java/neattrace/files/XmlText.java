package neattrace.files;

/** Text that XML can hold (W3C, XML 1.0, 2.2). */
public final class XmlText {

    private XmlText() {}

    /** The same without characters that no XML file may have; line breaks become spaces. */
    public static String clean(String text) {
        StringBuilder clean = new StringBuilder(text.length());
        text.codePoints()
                .map(c -> c == '\n' || c == '\r' || c == '\t' ? ' ' : c)
                .filter(XmlText::isCharacter)
                .forEach(clean::appendCodePoint);
        return clean.toString();
    }

    private static boolean isCharacter(int c) {
        return c >= 0x20 && c <= 0xd7ff
                || c >= 0xe000 && c <= 0xfffd
                || c >= 0x10000 && c <= 0x10ffff;
    }
}
