package neattrace.export.svg;

import java.io.BufferedWriter;
import java.io.IOException;
import java.io.OutputStream;
import java.io.OutputStreamWriter;
import java.io.Writer;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import neattrace.export.Artwork;
import neattrace.flat.LineLayer;
import neattrace.flat.Swatch;
import neattrace.geom.Outline;
import neattrace.trace.stroke.StrokeArt;

/**
 * Writes lines as strokes: the viewBox is the page in mm; one path a line, without a fill, with its
 * own width; solid blacks are filled shapes in a group of their own.
 */
public final class StrokeSvgWriter {

    private StrokeSvgWriter() {}

    /**
     * Writes the strokes of a page, over its flats, to {@code out}, which stays open.
     *
     * @param page title, size, flats and inks
     */
    public static void write(Artwork page, StrokeArt art, OutputStream out) throws IOException {
        Writer writer = new BufferedWriter(new OutputStreamWriter(out, StandardCharsets.UTF_8));
        SvgPage.open(writer, page.title(), page.widthMm(), page.heightMm());
        SvgWriter groups = new SvgWriter(page, writer);
        groups.flats();
        List<Integer> swatches = new ArrayList<>(art.swatches());
        if (swatches.isEmpty()) {
            swatches.add(0);
        }
        // Black lies over lines in colours, as everywhere.
        Collections.reverse(swatches);
        for (int id : swatches) {
            strokes(page, art, id, groups, writer);
        }
        writer.write("</svg>\n");
        writer.flush();
    }

    private static void strokes(
            Artwork page, StrokeArt art, int id, SvgWriter groups, Writer writer)
            throws IOException {
        Optional<Swatch> swatch =
                page.colouredLines().stream()
                        .map(LineLayer::swatch)
                        .filter(one -> one.id() == id)
                        .findFirst();
        String hex =
                swatch.map(one -> page.press().preview(one.build()))
                        .orElse(Artwork.SCREEN_BLACK)
                        .hex();
        String inks = swatch.map(Swatch::build).orElse(page.black().build()).toString();
        String ending = swatch.map(one -> " " + page.layerName(one)).orElse("");
        groups.open(
                "Strokes" + ending,
                "Strokes" + ending,
                "fill=\"none\" stroke=\""
                        + hex
                        + "\" stroke-linecap=\"round\" stroke-linejoin=\"round\"",
                inks);
        StringBuilder path = new StringBuilder();
        for (StrokeArt.OpenStroke stroke : art.open()) {
            if (stroke.swatch() == id) {
                path.setLength(0);
                SvgPath.append(path, stroke.path());
                stroke(writer, path, stroke.widthMm());
            }
        }
        for (StrokeArt.ClosedStroke stroke : art.closed()) {
            if (stroke.swatch() == id) {
                path.setLength(0);
                SvgPath.append(path, stroke.path());
                stroke(writer, path, stroke.widthMm());
            }
        }
        writer.write("</g>\n");
        if (!art.solids().isEmpty() && art.solidSwatch() == id) {
            groups.open(
                    "Solid blacks" + ending,
                    (swatch.isPresent() ? "Solids" : "Solid blacks") + ending,
                    "fill=\"" + hex + "\" fill-rule=\"evenodd\" stroke=\"none\"",
                    inks);
            for (Outline outline : art.solids()) {
                path.setLength(0);
                outline.loops().forEach(loop -> SvgPath.append(path, loop));
                writer.write("<path d=\"" + path + "\"/>\n");
            }
            writer.write("</g>\n");
        }
    }

    private static void stroke(Writer out, StringBuilder path, double widthMm) throws IOException {
        out.write("<path stroke-width=\"" + SvgNumber.text(widthMm) + "\" d=\"" + path + "\"/>\n");
    }
}
