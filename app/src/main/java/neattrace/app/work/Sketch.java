package neattrace.app.work;

import javafx.scene.image.Image;

/**
 * A quick picture laid over a part of the page until the real one is computed.
 *
 * @param image what is seen
 * @param x left edge on the page, mm
 * @param y upper edge, mm
 * @param width mm
 * @param height mm
 */
public record Sketch(Image image, double x, double y, double width, double height) {}
