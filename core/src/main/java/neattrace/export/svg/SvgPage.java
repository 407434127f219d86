package neattrace.export.svg;

import java.io.IOException;
import java.io.Writer;
import neattrace.files.XmlText;

/** The head of an SVG whose unit is one mm. */
final class SvgPage {

    private SvgPage() {}

    static void open(Writer out, String title, double widthMm, double heightMm) throws IOException {
        String width = SvgNumber.text(widthMm);
        String height = SvgNumber.text(heightMm);
        out.write("<?xml version=\"1.0\" encoding=\"UTF-8\"?>\n");
        out.write(
                "<svg xmlns=\"http://www.w3.org/2000/svg\" version=\"1.1\" width=\""
                        + width
                        + "mm\" height=\""
                        + height
                        + "mm\" viewBox=\"0 0 "
                        + width
                        + " "
                        + height
                        + "\">\n");
        out.write("<title>" + escape(title) + "</title>\n");
    }

    static String escape(String text) {
        return XmlText.clean(text)
                .replace("&", "&amp;")
                .replace("<", "&lt;")
                .replace(">", "&gt;")
                .replace("\"", "&quot;");
    }
}
