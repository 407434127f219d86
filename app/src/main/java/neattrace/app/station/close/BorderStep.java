package neattrace.app.station.close;

import java.util.List;
import java.util.Locale;
import javafx.scene.Node;
import javafx.scene.layout.VBox;
import neattrace.app.docket.ChoiceField;
import neattrace.app.docket.Hint;
import neattrace.app.docket.NumberField;
import neattrace.app.docket.Sentence;
import neattrace.app.docket.Step;
import neattrace.app.table.Mark;
import neattrace.app.work.Shown;
import neattrace.geom.Point;
import neattrace.job.setting.GapSettings;
import neattrace.region.CloseSettings;

/** A frame that closes art which runs off the sheet. */
final class BorderStep implements Step {

    /**
     * What books and cards usually ask for beyond the trimmed edge (common practice, no source).
     */
    private static final double USUAL_MM = 3;

    private final ChoiceField<Boolean> use;
    private final NumberField inset;
    private final Sentence where;
    private final Hint hint = new Hint("");
    private final VBox content;

    BorderStep(CloseDesk desk) {
        use =
                new ChoiceField<>(
                        "Whether there is a frame",
                        List.of(false, true),
                        on -> on ? "a frame closes it" : "no frame is drawn",
                        on ->
                                desk.change(
                                        on ? "Frame" : "No frame",
                                        settings ->
                                                settings.withFrameMm(
                                                        on ? USUAL_MM : CloseSettings.NO_FRAME)));
        use.setId("frame-use");
        inset = desk.bench().field(GapSettings.FRAME_INSET);
        where = new Sentence("It lies", inset, "inside the sheet's edge.");
        content = new VBox(8, new Sentence("Where art runs off the sheet,", use, "."), where, hint);
    }

    /** The frame, to be seen on the table. */
    List<Mark> marks(Shown shown) {
        double mm = shown.drawing().job().close().frameMm();
        if (mm <= 0) {
            return List.of();
        }
        double right = shown.drawing().widthMm() - mm;
        double bottom = shown.drawing().heightMm() - mm;
        Point corner = new Point(mm, mm);
        return List.of(
                Mark.line(
                        List.of(
                                corner,
                                new Point(right, mm),
                                new Point(right, bottom),
                                new Point(mm, bottom),
                                corner),
                        corner,
                        "frame"));
    }

    @Override
    public String title() {
        return "Frame";
    }

    @Override
    public String state(Shown shown) {
        double mm = shown.drawing().job().close().frameMm();
        return mm < 0 ? "none" : String.format(Locale.ROOT, "%.1f mm inside", mm);
    }

    @Override
    public Node content() {
        return content;
    }

    @Override
    public void show(Shown shown) {
        CloseSettings settings = shown.drawing().job().close();
        use.show(settings.isFramed());
        where.setVisible(settings.isFramed());
        where.setManaged(settings.isFramed());
        if (!settings.isFramed()) {
            hint.setText(
                    "With a frame, areas at the sheet's edge can be coloured, and so can the paper"
                            + " round the drawing.");
            return;
        }
        inset.show(settings.frameMm());
        double width = shown.drawing().widthMm() - 2 * settings.frameMm();
        double height = shown.drawing().heightMm() - 2 * settings.frameMm();
        hint.setText(
                String.format(
                        Locale.ROOT,
                        "Colour runs on beyond the frame to the sheet's edge. Crop %.1f mm from every"
                                + " side in the end: %.1f x %.1f mm are left; the PDF says so.",
                        settings.frameMm(),
                        width,
                        height));
    }
}
