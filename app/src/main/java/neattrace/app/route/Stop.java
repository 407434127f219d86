package neattrace.app.route;

import javafx.scene.input.KeyCode;

/**
 * A stop of the route.
 *
 * @param key the station's key, such as {@code hand-over}; findings name it
 * @param title in a person's words
 * @param code the key on the keyboard that goes there
 * @param mark SVG path of its mark on a grid of 24 x 24, to be stroked; our own drawing
 */
public record Stop(String key, String title, KeyCode code, String mark) {}
