package neattrace.export;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import javax.xml.stream.XMLOutputFactory;
import javax.xml.stream.XMLStreamException;
import javax.xml.stream.XMLStreamWriter;
import neattrace.files.XmlText;

/** The stack.xml: layers from the top down. */
final class LayerStack {

    private final ByteArrayOutputStream bytes = new ByteArrayOutputStream();
    private final XMLStreamWriter xml;

    LayerStack(int width, int height, double ppi) throws IOException {
        try {
            xml =
                    XMLOutputFactory.newInstance()
                            .createXMLStreamWriter(bytes, StandardCharsets.UTF_8.name());
            xml.writeStartDocument("UTF-8", "1.0");
            xml.writeStartElement("image");
            xml.writeAttribute("version", "0.0.5");
            xml.writeAttribute("w", String.valueOf(width));
            xml.writeAttribute("h", String.valueOf(height));
            xml.writeAttribute("xres", String.valueOf(Math.round(ppi)));
            xml.writeAttribute("yres", String.valueOf(Math.round(ppi)));
            xml.writeStartElement("stack");
        } catch (XMLStreamException e) {
            throw new IOException(e);
        }
    }

    /** A group of layers that is not seen. */
    void beginHidden(String name) throws IOException {
        try {
            xml.writeStartElement("stack");
            xml.writeAttribute("name", XmlText.clean(name));
            xml.writeAttribute("visibility", "hidden");
        } catch (XMLStreamException e) {
            throw new IOException(e);
        }
    }

    /** The end of a group. */
    void end() throws IOException {
        try {
            xml.writeEndElement();
        } catch (XMLStreamException e) {
            throw new IOException(e);
        }
    }

    void layer(String name, String source, int x, int y, boolean seen) throws IOException {
        try {
            xml.writeEmptyElement("layer");
            xml.writeAttribute("name", XmlText.clean(name));
            xml.writeAttribute("src", source);
            xml.writeAttribute("x", String.valueOf(x));
            xml.writeAttribute("y", String.valueOf(y));
            xml.writeAttribute("opacity", "1.0");
            xml.writeAttribute("visibility", seen ? "visible" : "hidden");
            xml.writeAttribute("composite-op", "svg:src-over");
        } catch (XMLStreamException e) {
            throw new IOException(e);
        }
    }

    /** The finished file. */
    byte[] bytes() throws IOException {
        try {
            xml.writeEndDocument();
            xml.close();
        } catch (XMLStreamException e) {
            throw new IOException(e);
        }
        return bytes.toByteArray();
    }
}
