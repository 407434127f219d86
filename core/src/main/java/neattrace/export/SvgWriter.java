package neattrace.export;

import java.io.BufferedWriter;
import java.io.IOException;
import java.io.OutputStream;
import java.io.OutputStreamWriter;
import java.io.Writer;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.Base64;
import java.util.HashSet;
import java.util.Locale;
import java.util.Set;
import java.util.stream.Collectors;
import javax.xml.stream.XMLOutputFactory;
import javax.xml.stream.XMLStreamException;
import javax.xml.stream.XMLStreamWriter;
import neattrace.files.XmlText;
import neattrace.print.PrintLayer;
import neattrace.print.PrintObject;
import neattrace.print.PrintPlan;
import neattrace.print.PrintShape;

/**
 * Writes a plan as SVG: the viewBox is the page in mm; one top-level group with id, title and inks
 * for each layer; each object a path of its own, filled or, if it is a stroke, with its own width.
 */
public final class SvgWriter {

    /** What machines cut along is seen, and covers nothing. */
    private static final String LINE_MM = "0.25";

    private static final String NAMESPACE = "http://www.w3.org/2000/svg";

    private final XMLStreamWriter xml;
    private final Set<String> ids = new HashSet<>();
    private final StringBuilder path = new StringBuilder();
    private final boolean grouped;

    private SvgWriter(XMLStreamWriter xml, boolean grouped) {
        this.xml = xml;
        this.grouped = grouped;
    }

    /**
     * Writes {@code plan} to {@code out}, which stays open.
     *
     * @throws IllegalArgumentException if the plan has pixels in it
     */
    public static void write(PrintPlan plan, OutputStream out) throws IOException {
        write(plan, false, out);
    }

    /**
     * The same for goods: layers lie in groups called as {@link PrintLayer#group()} says, and what
     * machines cut along is a line of 0.25 mm.
     */
    public static void writeGoods(PrintPlan plan, OutputStream out) throws IOException {
        write(plan, true, out);
    }

    private static void write(PrintPlan plan, boolean grouped, OutputStream out)
            throws IOException {
        Writer text = new BufferedWriter(new OutputStreamWriter(out, StandardCharsets.UTF_8));
        try {
            XMLStreamWriter xml = XMLOutputFactory.newFactory().createXMLStreamWriter(text);
            new SvgWriter(xml, grouped).write(plan);
            xml.flush();
        } catch (XMLStreamException e) {
            throw e.getNestedException() instanceof IOException io ? io : new IOException(e);
        }
        text.flush();
    }

    private void write(PrintPlan plan) throws XMLStreamException {
        String width = SvgNumber.text(plan.widthMm());
        String height = SvgNumber.text(plan.heightMm());
        xml.writeStartDocument("UTF-8", "1.0");
        line();
        xml.writeStartElement("svg");
        xml.writeDefaultNamespace(NAMESPACE);
        xml.writeAttribute("version", "1.1");
        xml.writeAttribute("width", width + "mm");
        xml.writeAttribute("height", height + "mm");
        xml.writeAttribute("viewBox", "0 0 " + width + " " + height);
        line();
        text("title", plan.title());
        String group = "";
        for (PrintLayer layer : plan.onScreen()) {
            if (grouped && !layer.group().equals(group)) {
                endGroup(group);
                group = layer.group();
                xml.writeStartElement("g");
                xml.writeAttribute("id", id(group));
                line();
            }
            layer(layer);
        }
        endGroup(group);
        xml.writeEndElement();
        line();
    }

    private void endGroup(String group) throws XMLStreamException {
        if (!group.isEmpty()) {
            xml.writeEndElement();
            line();
        }
    }

    private void layer(PrintLayer layer) throws XMLStreamException {
        xml.writeStartElement("g");
        if (!grouped || layer.prints()) {
            xml.writeAttribute("id", id(layer.name()));
        }
        String hex = layer.screen().hex();
        if (isStroked(layer)) {
            xml.writeAttribute("fill", "none");
            xml.writeAttribute("stroke", hex);
            xml.writeAttribute("stroke-linecap", "round");
            xml.writeAttribute("stroke-linejoin", "round");
        } else if (grouped && !layer.prints()) {
            xml.writeAttribute("fill", "none");
            xml.writeAttribute("stroke", hex);
            xml.writeAttribute("stroke-width", LINE_MM);
        } else {
            xml.writeAttribute("fill", hex);
            xml.writeAttribute("fill-rule", "evenodd");
            xml.writeAttribute("stroke", "none");
        }
        if (!grouped && layer.kind() == PrintLayer.Kind.GUIDE) {
            // Shown by whoever wants it: it lies where something else is drawn.
            xml.writeAttribute("display", "none");
        }
        line();
        text("title", layer.name());
        text("desc", layer.inks());
        for (PrintObject object : layer.objects()) {
            object(object);
        }
        xml.writeEndElement();
        line();
    }

    /** Whether it is all lines along paths; shapes and strokes never lie in one layer. */
    private static boolean isStroked(PrintLayer layer) {
        return layer.kind() == PrintLayer.Kind.STROKES
                || !layer.objects().isEmpty()
                        && layer.objects().get(0).shape() instanceof PrintShape.Stroked;
    }

    private void photo(PrintShape.Photo photo) throws XMLStreamException {
        xml.writeEmptyElement("image");
        xml.writeAttribute("width", String.valueOf(photo.widthPx()));
        xml.writeAttribute("height", String.valueOf(photo.heightPx()));
        double[] m = new double[6];
        photo.map().getMatrix(m);
        xml.writeAttribute(
                "transform",
                Arrays.stream(m)
                        .mapToObj(one -> String.format(Locale.ROOT, "%.7f", one))
                        .collect(Collectors.joining(" ", "matrix(", ")")));
        xml.writeAttribute(
                "href",
                "data:image/jpeg;base64," + Base64.getEncoder().encodeToString(photo.jpeg()));
        line();
    }

    private void object(PrintObject object) throws XMLStreamException {
        if (object.shape() instanceof PrintShape.Photo photo) {
            photo(photo);
            return;
        }
        boolean named = !object.name().isEmpty();
        if (named) {
            xml.writeStartElement("path");
            xml.writeAttribute("id", id(object.name()));
        } else {
            xml.writeEmptyElement("path");
        }
        path.setLength(0);
        PrintShape shape = object.shape();
        if (shape instanceof PrintShape.Filled filled) {
            SvgPath.append(path, filled.polygons());
        } else if (shape instanceof PrintShape.Curved curved) {
            curved.outline().loops().forEach(loop -> SvgPath.append(path, loop));
        } else if (shape instanceof PrintShape.Stroked stroked) {
            xml.writeAttribute("stroke-width", SvgNumber.text(stroked.widthMm()));
            if (!stroked.widthsMm().isEmpty()) {
                // Evenly far apart along the path, mm; other programs pass it over.
                xml.writeAttribute(
                        "data-widths",
                        stroked.widthsMm().stream()
                                .map(SvgNumber::text)
                                .collect(Collectors.joining(" ")));
            }
            SvgPath.append(path, stroked.path());
        } else {
            throw new IllegalArgumentException("pixels are no vectors");
        }
        xml.writeAttribute("d", path.toString());
        if (named) {
            xml.writeStartElement("title");
            xml.writeCharacters(XmlText.clean(object.name()));
            xml.writeEndElement();
            xml.writeEndElement();
        }
        line();
    }

    private void text(String element, String text) throws XMLStreamException {
        xml.writeStartElement(element);
        xml.writeCharacters(XmlText.clean(text));
        xml.writeEndElement();
        line();
    }

    private void line() throws XMLStreamException {
        xml.writeCharacters("\n");
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
