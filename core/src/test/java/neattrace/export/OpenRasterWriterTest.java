package neattrace.export;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import javax.imageio.ImageIO;
import javax.xml.parsers.DocumentBuilderFactory;
import neattrace.job.Job;
import neattrace.job.pipeline.Pipeline;
import neattrace.press.PressProfile;
import neattrace.print.Artwork;
import neattrace.print.Plans;
import neattrace.stage.Progress;
import neattrace.testing.Jobs;
import org.junit.jupiter.api.Test;
import org.w3c.dom.Document;
import org.w3c.dom.Element;
import org.w3c.dom.NodeList;

/** Read back by the JDK's zip, XML and PNG readers, by the OpenRaster specification. */
class OpenRasterWriterTest {

    private static final PressProfile PRESS = PressProfile.bundled();

    private static byte[] write(Job job, double ppi) throws IOException {
        Artwork art = Artwork.of(new Pipeline().run(job, Progress.SILENT), PRESS).forFiles();
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        OpenRasterWriter.write(Plans.forPixels(art), ppi, out);
        return out.toByteArray();
    }

    private static Map<String, byte[]> entries(byte[] file) throws IOException {
        Map<String, byte[]> entries = new LinkedHashMap<>();
        try (ZipInputStream zip = new ZipInputStream(new ByteArrayInputStream(file))) {
            for (ZipEntry entry = zip.getNextEntry(); entry != null; entry = zip.getNextEntry()) {
                entries.put(entry.getName(), zip.readAllBytes());
            }
        }
        return entries;
    }

    private static Document stack(Map<String, byte[]> entries) throws Exception {
        return DocumentBuilderFactory.newInstance()
                .newDocumentBuilder()
                .parse(new ByteArrayInputStream(entries.get("stack.xml")));
    }

    /** The first entry is stored, so that the media type can be read at a fixed place. */
    @Test
    void theMediaTypeStandsAtTheStartOfTheFile() throws IOException {
        byte[] file = write(Jobs.coloured(), 150);
        String start = new String(file, 0, 58, StandardCharsets.ISO_8859_1);
        assertThat(start).startsWith("PK").contains("mimetypeimage/openraster");
        assertThat(entries(file).keySet())
                .contains("stack.xml", "mergedimage.png", "Thumbnails/thumbnail.png");
    }

    @Test
    void layersRunFromTheTopDownAndMasksAreHidden() throws Exception {
        Map<String, byte[]> entries = entries(write(Jobs.coloured(), 150));
        Element image = stack(entries).getDocumentElement();
        assertThat(image.getAttribute("w")).isEqualTo("118");
        assertThat(image.getAttribute("xres")).isEqualTo("150");
        NodeList layers = image.getElementsByTagName("layer");
        List<String> names = new ArrayList<>();
        for (int i = 0; i < layers.getLength(); i++) {
            Element layer = (Element) layers.item(i);
            names.add(layer.getAttribute("name"));
            assertThat(entries).containsKey(layer.getAttribute("src"));
            boolean seen = layer.getAttribute("visibility").equals("visible");
            String name = layer.getAttribute("name");
            assertThat(seen).isEqualTo(!name.startsWith("Mask") && !name.startsWith("Area"));
        }
        String inner = "Bull & eye " + PRESS.preview(Jobs.INNER.build()).hex();
        String outer = "Straw <2> " + PRESS.preview(Jobs.OUTER.build()).hex();
        assertThat(names)
                .containsExactly(
                        "Lines #000000",
                        outer,
                        inner,
                        "Mask " + inner,
                        "Mask " + outer,
                        "Area 1 " + inner,
                        "Area 1 " + outer);
    }

    @Test
    void theLayersLaidOverEachOtherAreTheMergedImage() throws Exception {
        Map<String, byte[]> entries = entries(write(Jobs.coloured(), 150));
        BufferedImage merged = picture(entries.get("mergedimage.png"));
        BufferedImage laid = new BufferedImage(118, 118, BufferedImage.TYPE_INT_ARGB);
        Graphics2D graphics = laid.createGraphics();
        NodeList layers = stack(entries).getElementsByTagName("layer");
        for (int i = layers.getLength() - 1; i >= 0; i--) {
            Element layer = (Element) layers.item(i);
            if (layer.getAttribute("visibility").equals("visible")) {
                graphics.drawImage(
                        picture(entries.get(layer.getAttribute("src"))),
                        Integer.parseInt(layer.getAttribute("x")),
                        Integer.parseInt(layer.getAttribute("y")),
                        null);
            }
        }
        graphics.dispose();
        int unlike = 0;
        for (int y = 0; y < 118; y++) {
            for (int x = 0; x < 118; x++) {
                for (int shift = 0; shift < 32; shift += 8) {
                    int a = merged.getRGB(x, y) >>> shift & 0xff;
                    int b = laid.getRGB(x, y) >>> shift & 0xff;
                    unlike += a != b ? 1 : 0;
                }
            }
        }
        assertThat(unlike).isZero();
    }

    @Test
    void aMaskIsWhiteWhereItsColourIs() throws Exception {
        Map<String, byte[]> entries = entries(write(Jobs.coloured(), 150));
        NodeList layers = stack(entries).getElementsByTagName("layer");
        Element mask = (Element) layers.item(3);
        BufferedImage picture = picture(entries.get(mask.getAttribute("src")));
        int x = 59 - Integer.parseInt(mask.getAttribute("x"));
        int y = 59 - Integer.parseInt(mask.getAttribute("y"));
        assertThat(picture.getRGB(x, y)).isEqualTo(0xFFFFFFFF);
        assertThat(picture.getRGB(0, 0) >>> 24).isZero();
    }

    private static BufferedImage picture(byte[] png) throws IOException {
        return ImageIO.read(new ByteArrayInputStream(png));
    }
}
