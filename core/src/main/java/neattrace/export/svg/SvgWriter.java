package neattrace.export.svg;

import java.io.BufferedWriter;
import java.io.IOException;
import java.io.OutputStream;
import java.io.OutputStreamWriter;
import java.io.Writer;
import java.nio.charset.StandardCharsets;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import neattrace.export.Artwork;
import neattrace.flat.LineLayer;
import neattrace.flat.Swatch;
import neattrace.flat.layer.FlatLayer;
import neattrace.flat.object.NamedShape;
import neattrace.geom.Outline;
import neattrace.press.Cmyk;

/**
 * Writes art as SVG: the viewBox is the page in mm; one top-level group with id and title for each
 * swatch; the lines on top, each piece of ink a path of its own.
 */
public final class SvgWriter {

    private final Writer out;
    private final Artwork art;
    private final Set<String> ids = new HashSet<>();

    SvgWriter(Artwork art, Writer out) {
        this.art = art;
        this.out = out;
    }

    /** Writes {@code art} to {@code out}, which stays open. */
    public static void write(Artwork art, OutputStream out) throws IOException {
        Writer writer = new BufferedWriter(new OutputStreamWriter(out, StandardCharsets.UTF_8));
        new SvgWriter(art, writer).write();
        writer.flush();
    }

    private void write() throws IOException {
        SvgPage.open(out, art.title(), art.widthMm(), art.heightMm());
        flats();
        for (LineLayer layer : art.colouredLines()) {
            Swatch swatch = layer.swatch();
            String hex = art.press().preview(swatch.build()).hex();
            lines("Lines " + art.layerName(swatch), hex, swatch.build(), layer.shapes());
        }
        if (!art.lines().isEmpty() || art.colouredLines().isEmpty()) {
            String hex = Artwork.SCREEN_BLACK.hex();
            lines("Lines " + hex, hex, art.black().build(), art.lines());
        }
        out.write("</svg>\n");
    }

    /** All flats, lowest first. */
    void flats() throws IOException {
        for (FlatLayer layer : art.layers()) {
            flat(layer);
        }
    }

    private void flat(FlatLayer layer) throws IOException {
        Swatch swatch = layer.swatch();
        String hex = art.press().preview(swatch.build()).hex();
        open(art.layerName(swatch), hex, swatch.build().toString());
        StringBuilder path = new StringBuilder();
        for (NamedShape shape : art.shapes(layer)) {
            path.setLength(0);
            SvgPath.append(path, shape.shape());
            String name = shape.name();
            out.write(
                    name.isEmpty()
                            ? "<path d=\"" + path + "\"/>\n"
                            : "<path id=\""
                                    + id(name)
                                    + "\" d=\""
                                    + path
                                    + "\"><title>"
                                    + SvgPage.escape(name)
                                    + "</title></path>\n");
        }
        out.write("</g>\n");
    }

    private void lines(String name, String hex, Cmyk build, List<Outline> outlines)
            throws IOException {
        open(name, hex, build.toString());
        StringBuilder path = new StringBuilder();
        for (Outline outline : outlines) {
            path.setLength(0);
            outline.loops().forEach(loop -> SvgPath.append(path, loop));
            out.write("<path d=\"" + path + "\"/>\n");
        }
        out.write("</g>\n");
    }

    private void open(String name, String hex, String inks) throws IOException {
        open(name, name, "fill=\"" + hex + "\" fill-rule=\"evenodd\" stroke=\"none\"", inks);
    }

    /** Opens a group that has a title and tells its inks. */
    void open(String idFrom, String name, String look, String inks) throws IOException {
        out.write(
                "<g id=\""
                        + id(idFrom)
                        + "\" "
                        + look
                        + ">\n<title>"
                        + SvgPage.escape(name)
                        + "</title>\n<desc>"
                        + SvgPage.escape(inks)
                        + "</desc>\n");
    }

    /** A unique XML id from a name: letters, digits and hyphens, starting with a letter. */
    private String id(String name) {
        String plain = name.toLowerCase(Locale.ROOT).replaceAll("[^a-z0-9]+", "-");
        plain = plain.replaceAll("^-+|-+$", "");
        String base =
                plain.isEmpty() || !Character.isLetter(plain.charAt(0)) ? "c-" + plain : plain;
        String id = base;
        for (int n = 2; !ids.add(id); n++) {
            id = base + "-" + n;
        }
        return id;
    }
}
