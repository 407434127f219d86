package neattrace.print;

import java.util.List;
import neattrace.press.PressProfile;

/**
 * All that is printed on a page.
 *
 * @param title of the drawing
 * @param widthMm of the page
 * @param heightMm of the page
 * @param trimMm how much is cropped from every side in the end
 * @param layers lowest first
 * @param press how colorants look
 */
public record PrintPlan(
        String title,
        double widthMm,
        double heightMm,
        double trimMm,
        List<PrintLayer> layers,
        PressProfile press) {

    public PrintPlan {
        layers = List.copyOf(layers);
    }

    /** The layers of files for screens. */
    public List<PrintLayer> onScreen() {
        return layers.stream().filter(PrintLayer::onScreen).toList();
    }

    /** The layers of a kind. */
    public List<PrintLayer> of(PrintLayer.Kind kind) {
        return layers.stream().filter(layer -> layer.kind() == kind).toList();
    }

    /** What is printed, without what machines cut along. */
    public PrintPlan printed() {
        return with(layers.stream().filter(PrintLayer::prints).toList());
    }

    /** What machines cut along alone. */
    public PrintPlan technical() {
        return with(layers.stream().filter(PrintLayer::isTechnical).toList());
    }

    /** The same page with other layers. */
    public PrintPlan with(List<PrintLayer> other) {
        return new PrintPlan(title, widthMm, heightMm, trimMm, other, press);
    }

    /** Whether it is all curves, so that it can be placed anywhere. */
    boolean isVector() {
        return layers.stream()
                .allMatch(layer -> layer.objects().stream().allMatch(PrintObject::isVector));
    }

    /** How many areas its flats were united from. */
    public int areas() {
        return of(PrintLayer.Kind.FLAT).stream().mapToInt(layer -> layer.areas().size()).sum();
    }
}
