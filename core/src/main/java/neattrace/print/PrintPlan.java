package neattrace.print;

import java.util.List;
import java.util.Optional;
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
 * @param boxes what is cut out of it, if that is not what {@code trimMm} says
 */
public record PrintPlan(
        String title,
        double widthMm,
        double heightMm,
        double trimMm,
        List<PrintLayer> layers,
        PressProfile press,
        Optional<PageBoxes> boxes) {

    /** One that is cropped by as much on every side, if at all. */
    public PrintPlan(
            String title,
            double widthMm,
            double heightMm,
            double trimMm,
            List<PrintLayer> layers,
            PressProfile press) {
        this(title, widthMm, heightMm, trimMm, layers, press, Optional.empty());
    }

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
        return new PrintPlan(title, widthMm, heightMm, trimMm, other, press, boxes);
    }

    /** The same page, of which something else is cut out. */
    public PrintPlan with(PageBoxes other) {
        return new PrintPlan(title, widthMm, heightMm, trimMm, layers, press, Optional.of(other));
    }

    /** What is cut out of it. */
    public PageBoxes pageBoxes() {
        return boxes.orElseGet(() -> PageBoxes.cropped(trimMm, widthMm, heightMm));
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
