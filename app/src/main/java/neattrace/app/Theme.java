package neattrace.app;

import atlantafx.base.theme.PrimerLight;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import javafx.application.Application;
import javafx.scene.Scene;
import javafx.scene.text.Font;

/** Typefaces and styles. */
final class Theme {

    private static final String[] FONTS = {
        "Lato-Regular.ttf",
        "Lato-Semibold.ttf",
        "Lato-Bold.ttf",
        "Lato-Italic.ttf",
        "Vollkorn-SemiBold.ttf"
    };

    private static final String NIGHT = "night";

    private Theme() {}

    static void install() {
        for (String name : FONTS) {
            try (InputStream in = Theme.class.getResourceAsStream("fonts/" + name)) {
                Font.loadFont(in, 13);
            } catch (IOException e) {
                throw new UncheckedIOException("the typeface " + name + " is missing", e);
            }
        }
        Application.setUserAgentStylesheet(new PrimerLight().getUserAgentStylesheet());
    }

    static void dress(Scene scene) {
        scene.getStylesheets().add(Theme.class.getResource("neat-trace.css").toExternalForm());
    }

    /** Exchanges the day's tokens and the night's. */
    static void toggleNight(Scene scene) {
        var classes = scene.getRoot().getStyleClass();
        if (!classes.remove(NIGHT)) {
            classes.add(NIGHT);
        }
    }
}
