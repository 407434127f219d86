package neattrace.flat.exchange;

import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javax.xml.parsers.DocumentBuilderFactory;
import javax.xml.parsers.ParserConfigurationException;
import javax.xml.stream.XMLOutputFactory;
import javax.xml.stream.XMLStreamException;
import javax.xml.stream.XMLStreamWriter;
import neattrace.files.XmlText;
import neattrace.press.Cmyk;
import neattrace.press.Lab;
import org.w3c.dom.Document;
import org.w3c.dom.Element;
import org.w3c.dom.NodeList;
import org.xml.sax.SAXException;
import org.xml.sax.helpers.DefaultHandler;

/**
 * Measured colours: L*a*b* under D65 for the 2 degree observer, with ink values beside them. A spot
 * ink's own measure is written; a colour of process inks is written as it looks.
 */
final class Cxf {

    private static final String CORE = "http://colorexchangeformat.com/CxF3-core";
    private static final String MEASURED = "measured";

    private Cxf() {}

    static byte[] write(List<Entry> entries) throws IOException {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try {
            XMLStreamWriter xml =
                    XMLOutputFactory.newInstance()
                            .createXMLStreamWriter(bytes, StandardCharsets.UTF_8.name());
            xml.writeStartDocument("UTF-8", "1.0");
            xml.setPrefix("cc", CORE);
            xml.writeStartElement(CORE, "CxF");
            xml.writeNamespace("cc", CORE);
            xml.writeStartElement(CORE, "FileInformation");
            text(xml, "Creator", "Neat Trace");
            text(xml, "Description", "Palette");
            xml.writeEndElement();
            xml.writeStartElement(CORE, "Resources");
            xml.writeStartElement(CORE, "ObjectCollection");
            for (int i = 0; i < entries.size(); i++) {
                object(xml, entries.get(i), i + 1);
            }
            xml.writeEndElement();
            specification(xml);
            xml.writeEndElement();
            xml.writeEndElement();
            xml.writeEndDocument();
            xml.close();
        } catch (XMLStreamException e) {
            throw new IOException(e);
        }
        return bytes.toByteArray();
    }

    private static void object(XMLStreamWriter xml, Entry entry, int number)
            throws XMLStreamException {
        Lab lab = entry.spot().orElseGet(() -> entry.rgb().toLab());
        xml.writeStartElement(CORE, "Object");
        xml.writeAttribute("ObjectType", entry.spot().isPresent() ? "Spot" : "Process");
        xml.writeAttribute("Name", XmlText.clean(entry.name()));
        xml.writeAttribute("Id", "c" + number);
        xml.writeStartElement(CORE, "ColorValues");
        xml.writeStartElement(CORE, "ColorCIELab");
        xml.writeAttribute("ColorSpecification", MEASURED);
        number(xml, "L", lab.l());
        number(xml, "A", lab.a());
        number(xml, "B", lab.b());
        xml.writeEndElement();
        xml.writeEndElement();
        if (entry.build().isPresent()) {
            Cmyk build = entry.build().get();
            xml.writeStartElement(CORE, "DeviceColorValues");
            xml.writeStartElement(CORE, "ColorCMYK");
            number(xml, "Cyan", build.c());
            number(xml, "Magenta", build.m());
            number(xml, "Yellow", build.y());
            number(xml, "Black", build.k());
            xml.writeEndElement();
            xml.writeEndElement();
        }
        xml.writeEndElement();
    }

    private static void specification(XMLStreamWriter xml) throws XMLStreamException {
        xml.writeStartElement(CORE, "ColorSpecificationCollection");
        xml.writeStartElement(CORE, "ColorSpecification");
        xml.writeAttribute("Id", MEASURED);
        xml.writeStartElement(CORE, "TristimulusSpec");
        text(xml, "Illuminant", "D65");
        text(xml, "Observer", "2_Degree");
        xml.writeEndElement();
        xml.writeEndElement();
        xml.writeEndElement();
    }

    private static void text(XMLStreamWriter xml, String name, String text)
            throws XMLStreamException {
        xml.writeStartElement(CORE, name);
        xml.writeCharacters(XmlText.clean(text));
        xml.writeEndElement();
    }

    private static void number(XMLStreamWriter xml, String name, double value)
            throws XMLStreamException {
        text(xml, name, CssProperties.number(Math.round(value * 1e6) / 1e6));
    }

    static List<Entry> read(byte[] bytes) throws PaletteException {
        Document document = parse(bytes);
        if (!"CxF".equals(document.getDocumentElement().getLocalName())) {
            throw new PaletteException("The file is no CxF.");
        }
        List<Entry> entries = new ArrayList<>();
        NodeList objects = document.getElementsByTagNameNS("*", "Object");
        for (int i = 0; i < objects.getLength(); i++) {
            Element object = (Element) objects.item(i);
            Optional<Element> lab = first(object, "ColorCIELab");
            if (lab.isPresent()) {
                entries.add(entry(object, lab.get()));
            }
        }
        return entries;
    }

    private static Entry entry(Element object, Element lab) throws PaletteException {
        Lab colour = new Lab(number(lab, "L"), number(lab, "A"), number(lab, "B"));
        Optional<Element> inks = first(object, "ColorCMYK");
        Optional<Cmyk> build = Optional.empty();
        if (inks.isPresent()) {
            try {
                build =
                        Optional.of(
                                new Cmyk(
                                        number(inks.get(), "Cyan"),
                                        number(inks.get(), "Magenta"),
                                        number(inks.get(), "Yellow"),
                                        number(inks.get(), "Black")));
            } catch (IllegalArgumentException e) {
                throw new PaletteException("The CxF is damaged: " + e.getMessage() + ".", e);
            }
        }
        // Only what says that process inks print it is not an ink of its own.
        boolean process = "Process".equals(object.getAttribute("ObjectType"));
        return new Entry(
                object.getAttribute("Name"),
                colour.toRgb(),
                build,
                "",
                process ? Optional.empty() : Optional.of(colour));
    }

    private static Optional<Element> first(Element in, String name) {
        return Optional.ofNullable((Element) in.getElementsByTagNameNS("*", name).item(0));
    }

    private static double number(Element in, String name) throws PaletteException {
        String text = first(in, name).map(Element::getTextContent).orElse("").strip();
        try {
            double value = Double.parseDouble(text);
            if (Double.isFinite(value)) {
                return value;
            }
        } catch (NumberFormatException e) {
            throw new PaletteException("The CxF is damaged: \"" + name + "\" is no number.", e);
        }
        throw new PaletteException("The CxF is damaged: \"" + name + "\" is no number.");
    }

    /** No document types: a palette has no business with other files. */
    private static Document parse(byte[] bytes) throws PaletteException {
        try {
            DocumentBuilderFactory factory = DocumentBuilderFactory.newInstance();
            factory.setNamespaceAware(true);
            factory.setFeature("http://apache.org/xml/features/disallow-doctype-decl", true);
            var builder = factory.newDocumentBuilder();
            // One of its own: without any, what it thinks goes to the terminal.
            builder.setErrorHandler(new DefaultHandler());
            return builder.parse(new ByteArrayInputStream(bytes));
        } catch (SAXException | IOException e) {
            throw new PaletteException("The CxF is damaged: " + e.getMessage(), e);
        } catch (ParserConfigurationException e) {
            throw new IllegalStateException(e);
        }
    }
}
