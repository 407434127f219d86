package neattrace.export.svg;

import java.io.BufferedWriter;
import java.io.IOException;
import java.io.OutputStream;
import java.io.OutputStreamWriter;
import java.io.Writer;
import java.nio.charset.StandardCharsets;
import neattrace.export.Artwork;
import neattrace.geom.Outline;
import neattrace.trace.stroke.StrokeArt;

/**
 * Writes lines as strokes: the viewBox is the page in mm; one path a line, without a fill, with its
 * own width; solid blacks are filled shapes in a group of their own.
 */
public final class StrokeSvgWriter {

    private StrokeSvgWriter() {}

    /**
     * Writes the strokes of a page to {@code out}, which stays open.
     *
     * @param page whose title and size are used
     */
    public static void write(Artwork page, StrokeArt art, OutputStream out) throws IOException {
        Writer writer = new BufferedWriter(new OutputStreamWriter(out, StandardCharsets.UTF_8));
        String hex = Artwork.SCREEN_BLACK.hex();
        SvgPage.open(writer, page.title(), page.widthMm(), page.heightMm());
        writer.write(
                "<g id=\"strokes\" fill=\"none\" stroke=\""
                        + hex
                        + "\" stroke-linecap=\"round\" stroke-linejoin=\"round\">\n"
                        + "<title>Strokes</title>\n");
        StringBuilder path = new StringBuilder();
        for (StrokeArt.OpenStroke stroke : art.open()) {
            path.setLength(0);
            SvgPath.append(path, stroke.path());
            stroke(writer, path, stroke.widthMm());
        }
        for (StrokeArt.ClosedStroke stroke : art.closed()) {
            path.setLength(0);
            SvgPath.append(path, stroke.path());
            stroke(writer, path, stroke.widthMm());
        }
        writer.write("</g>\n");
        if (!art.solids().isEmpty()) {
            writer.write(
                    "<g id=\"solid-blacks\" fill=\""
                            + hex
                            + "\" fill-rule=\"evenodd\" stroke=\"none\">\n"
                            + "<title>Solid blacks</title>\n");
            for (Outline outline : art.solids()) {
                path.setLength(0);
                outline.loops().forEach(loop -> SvgPath.append(path, loop));
                writer.write("<path d=\"" + path + "\"/>\n");
            }
            writer.write("</g>\n");
        }
        writer.write("</svg>\n");
        writer.flush();
    }

    private static void stroke(Writer out, StringBuilder path, double widthMm) throws IOException {
        out.write("<path stroke-width=\"" + SvgNumber.text(widthMm) + "\" d=\"" + path + "\"/>\n");
    }
}
