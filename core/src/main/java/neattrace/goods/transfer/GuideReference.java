package neattrace.goods.transfer;

import java.awt.geom.AffineTransform;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.util.List;
import java.util.Optional;
import javax.imageio.ImageIO;
import neattrace.job.Reference;
import neattrace.job.log.Snapshot;
import neattrace.job.pipeline.Drawing;
import neattrace.job.pipeline.Extent;
import neattrace.press.Cmyk;
import neattrace.press.Rgb;
import neattrace.press.Tints;
import neattrace.print.PrintLayer;
import neattrace.print.PrintLayer.Kind;
import neattrace.print.PrintObject;
import neattrace.print.PrintShape;

/**
 * The reference beneath a guide sheet: the first one of the Brief of which a picture is kept. One
 * of the same proportions as the drawing's page is laid over all of it, another as large as the ink
 * lets it, in its middle.
 */
final class GuideReference {

    /** Pages this near in their proportions are the same. */
    private static final double SAME = 0.03;

    private GuideReference() {}

    /** What it is; empty if no picture is kept. */
    static Optional<Reference> of(Drawing drawing) {
        return drawing.job().brief().references().stream()
                .filter(one -> !one.picture().isEmpty())
                .findFirst();
    }

    /** Its layer, mm on the drawing's page. */
    static Optional<PrintLayer> layer(Drawing drawing) {
        return of(drawing).flatMap(one -> photo(one.picture(), drawing)).map(GuideReference::layer);
    }

    private static PrintLayer layer(PrintShape.Photo photo) {
        return new PrintLayer(
                "Reference",
                Kind.UNDERLAY,
                Rgb.WHITE,
                "",
                List.of(PrintObject.of(photo, Tints.of(new Cmyk(0, 0, 0, 0)))),
                List.of());
    }

    private static Optional<PrintShape.Photo> photo(Snapshot picture, Drawing drawing) {
        try {
            BufferedImage image = ImageIO.read(new ByteArrayInputStream(picture.jpeg()));
            if (image == null) {
                return Optional.empty();
            }
            return Optional.of(
                    new PrintShape.Photo(
                            picture.jpeg(),
                            image.getWidth(),
                            image.getHeight(),
                            map(image.getWidth(), image.getHeight(), drawing)));
        } catch (IOException e) {
            return Optional.empty();
        }
    }

    private static AffineTransform map(int width, int height, Drawing drawing) {
        Extent page = new Extent(0, 0, drawing.widthMm(), drawing.heightMm());
        double alike = page.widthMm() * height / (page.heightMm() * width);
        Extent room = Math.abs(alike - 1) < SAME ? page : drawing.extent();
        double k = Math.min(room.widthMm() / width, room.heightMm() / height);
        AffineTransform map =
                AffineTransform.getTranslateInstance(
                        (room.left() + room.right() - k * width) / 2,
                        (room.top() + room.bottom() - k * height) / 2);
        map.scale(k, k);
        return map;
    }
}
