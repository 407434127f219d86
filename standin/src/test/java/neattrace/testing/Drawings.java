package neattrace.testing;

import java.util.EnumMap;
import java.util.Map;
import neattrace.standin.pen.PenDrawing;
import neattrace.standin.skerry.SkerryMail;

/** The demo's drawings, drawn once for all tests of a run. */
public final class Drawings {

    private static final Map<SkerryMail, PenDrawing> DRAWN = new EnumMap<>(SkerryMail.class);

    private Drawings() {}

    /** The finished drawing. */
    public static synchronized PenDrawing of(SkerryMail mail) {
        return DRAWN.computeIfAbsent(mail, SkerryMail::draw);
    }
}
