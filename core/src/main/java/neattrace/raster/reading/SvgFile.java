package neattrace.raster.reading;

import com.github.weisj.jsvg.SVGDocument;
import com.github.weisj.jsvg.parser.LoaderContext;
import com.github.weisj.jsvg.parser.SVGLoader;
import com.github.weisj.jsvg.parser.resources.ResourcePolicy;
import com.github.weisj.jsvg.view.ViewBox;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.logging.Level;
import java.util.logging.Logger;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import neattrace.raster.Picture;
import neattrace.raster.Resolution;

/** Line art as SVG, rendered finely enough to be traced; strokes come out as outlines. */
final class SvgFile {

    /** CSS px an inch (W3C, CSS Values 3, 6.2). */
    private static final double CSS_PPI = 96;

    /** No coarser than this, and on the longer side no fewer pixels than that. */
    private static final double LEAST_PPI = 1200;

    private static final double LEAST_SIDE_PX = 3000;

    /** No more pixels than this unless a resolution is asked for. */
    private static final double ENOUGH_PIXELS = 80e6;

    /** What it says of a damaged file is said once, in our words; held so that it stays quiet. */
    private static final Logger PARSER = Logger.getLogger("com.github.weisj.jsvg");

    static {
        PARSER.setLevel(Level.OFF);
    }

    /**
     * A closed path goes on with a command alone (W3C, SVG 1.1, 8.3.9); the parser fills the memory
     * with what it takes for more ends. In whatever attribute it stands: elsewhere it means
     * nothing.
     */
    private static final Pattern NUMBER_AFTER_CLOSE =
            Pattern.compile(
                    "[\\s\"'](?:d|values|from|to|by|path)\\s*=\\s*[\"'][^\"'<]*[zZ][\\s,]*[-+.0-9]");

    private static final Pattern ENCODING =
            Pattern.compile("<\\?xml[^>]*encoding\\s*=\\s*[\"']([-\\w.]+)");

    private SvgFile() {}

    /** The parser of the JDK writes to the terminal what it thinks of letters that are none. */
    private static void checkLetters(byte[] bytes, String text, String name)
            throws PictureException {
        Matcher declared = ENCODING.matcher(text.substring(0, Math.min(200, text.length())));
        boolean utf8 = !declared.find() || declared.group(1).equalsIgnoreCase("UTF-8");
        boolean marked = bytes.length > 1 && (bytes[0] & 0xff) >= 0xfe;
        if (!utf8 || marked) {
            return;
        }
        try {
            StandardCharsets.UTF_8.newDecoder().decode(ByteBuffer.wrap(bytes));
        } catch (CharacterCodingException e) {
            throw new PictureException(name + " is damaged: not all of it is text in UTF-8.", e);
        }
    }

    static Picture read(byte[] bytes, String name, Opening opening) throws IOException {
        String text = new String(bytes, StandardCharsets.ISO_8859_1);
        if (text.contains("<!ENTITY")) {
            throw new PictureException(
                    name + " defines entities, which are not opened. Save it as plain SVG.");
        }
        checkLetters(bytes, text, name);
        if (NUMBER_AFTER_CLOSE.matcher(text).find()) {
            throw new PictureException(
                    name + " has a path with a number after its end (Z). Save it once more.");
        }
        LoaderContext context =
                LoaderContext.builder().externalResourcePolicy(ResourcePolicy.DENY_ALL).build();
        SVGDocument document = new SVGLoader().load(new ByteArrayInputStream(bytes), null, context);
        if (document == null || document.size().width <= 0 || document.size().height <= 0) {
            throw new PictureException(name + " is no SVG that can be drawn.");
        }
        double widthInch = document.size().width / CSS_PPI;
        double heightInch = document.size().height / CSS_PPI;
        double longer = Math.max(widthInch, heightInch);
        double most = Math.sqrt(ENOUGH_PIXELS / (widthInch * heightInch));
        double usual = Math.min(most, Math.max(LEAST_PPI, LEAST_SIDE_PX / longer));
        double ppi = opening.ppi() > 0 ? opening.ppi() : usual;
        long width = Math.max(1, Math.round(widthInch * ppi));
        long height = Math.max(1, Math.round(heightInch * ppi));
        PictureReader.checkSize(name, width, height, 9);
        BufferedImage image =
                new BufferedImage((int) width, (int) height, BufferedImage.TYPE_INT_RGB);
        Graphics2D graphics = image.createGraphics();
        graphics.setColor(Color.WHITE);
        graphics.fillRect(0, 0, image.getWidth(), image.getHeight());
        graphics.setRenderingHint(
                RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
        graphics.setRenderingHint(
                RenderingHints.KEY_STROKE_CONTROL, RenderingHints.VALUE_STROKE_PURE);
        document.render(null, graphics, new ViewBox(0, 0, width, height));
        graphics.dispose();
        List<String> notes = new ArrayList<>();
        notes.add(
                String.format(
                        Locale.ROOT,
                        "Vectors of %.1f x %.1f mm, drawn at %.0f ppi.",
                        widthInch * Resolution.MM_PER_INCH,
                        heightInch * Resolution.MM_PER_INCH,
                        ppi));
        return PixelReader.picture(image, new Resolution(ppi, true), "SVG", notes);
    }
}
