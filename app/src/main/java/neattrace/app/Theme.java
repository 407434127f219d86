package neattrace.app;

import atlantafx.base.theme.PrimerLight;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import javafx.application.Application;
import javafx.scene.Scene;
import javafx.scene.text.Font;
import neattrace.print.lettering.Lettering;

/** Typefaces and styles. */
final class Theme {

    private static final String[] FONTS = {
        "Lato-Semibold.ttf", "Lato-Bold.ttf", "Lato-Italic.ttf",
    };

    private static final String NIGHT = "night";

    private Theme() {}

    static void install() {
        for (String name : FONTS) {
            load(Theme.class.getResourceAsStream("fonts/" + name));
        }
        for (Lettering.Face face : Lettering.Face.values()) {
            load(face.open());
        }
        Application.setUserAgentStylesheet(new PrimerLight().getUserAgentStylesheet());
    }

    private static void load(InputStream typeface) {
        try (InputStream in = typeface) {
            Font.loadFont(in, 13);
        } catch (IOException e) {
            throw new UncheckedIOException("a typeface is missing", e);
        }
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
