package neattrace.bench;

import com.github.weisj.jsvg.SVGDocument;
import com.github.weisj.jsvg.parser.SVGLoader;
import com.github.weisj.jsvg.view.ViewBox;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.net.MalformedURLException;
import java.nio.file.Path;
import javax.imageio.ImageIO;

/** Drawings rendered by JSVG. */
final class SvgPicture {

    private SvgPicture() {}

    /** Reads a drawing; null if it is none. */
    static SVGDocument load(Path file) throws MalformedURLException {
        return new SVGLoader().load(file.toUri().toURL());
    }

    /**
     * A drawing on white paper, smooth.
     *
     * @param side of the square picture, px
     * @param type of the image, as {@link BufferedImage} names it
     */
    static BufferedImage render(SVGDocument document, int side, int type) {
        BufferedImage image = new BufferedImage(side, side, type);
        Graphics2D graphics = image.createGraphics();
        graphics.setColor(Color.WHITE);
        graphics.fillRect(0, 0, side, side);
        graphics.setRenderingHint(
                RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
        graphics.setRenderingHint(
                RenderingHints.KEY_STROKE_CONTROL, RenderingHints.VALUE_STROKE_PURE);
        document.render(null, graphics, new ViewBox(0, 0, side, side));
        graphics.dispose();
        return image;
    }

    /** The same as a PNG; no bytes if it is none. */
    static byte[] png(Path file, int side) throws IOException {
        SVGDocument document = load(file);
        if (document == null) {
            return new byte[0];
        }
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        ImageIO.write(render(document, side, BufferedImage.TYPE_INT_RGB), "png", out);
        return out.toByteArray();
    }
}
