package neattrace.raster.reading;

import java.nio.charset.StandardCharsets;

/** What a file is, by its first bytes. */
enum FileKind {
    PIXELS,
    PDF,
    SVG;

    /** A PDF's head may come this late (ISO 32000-1, annex H, note 13). */
    private static final int HEAD = 1024;

    static FileKind of(byte[] bytes) {
        String head =
                new String(bytes, 0, Math.min(HEAD, bytes.length), StandardCharsets.ISO_8859_1);
        if (head.contains("%PDF-")) {
            return PDF;
        }
        String text = head.startsWith("\u00ef\u00bb\u00bf") ? head.substring(3) : head;
        boolean markup = text.stripLeading().startsWith("<");
        // Comments and declarations may stand before the first element, for as long as they like.
        boolean svg = markup && (head.contains("<svg") || head.contains(":svg") || isSvg(bytes));
        return svg ? SVG : PIXELS;
    }

    private static boolean isSvg(byte[] bytes) {
        int most = Math.min(bytes.length, 64 * HEAD);
        return new String(bytes, 0, most, StandardCharsets.ISO_8859_1).contains("<svg");
    }
}
