package neattrace.app.station.press;

import java.io.File;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Locale;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;
import neattrace.app.docket.BuildField;
import neattrace.app.docket.Buttons;
import neattrace.app.docket.ChoiceField;
import neattrace.app.docket.Hint;
import neattrace.app.docket.NumberField;
import neattrace.app.docket.Sentence;
import neattrace.app.docket.Step;
import neattrace.app.station.SittingWatch;
import neattrace.app.work.Shown;
import neattrace.goods.Goods;
import neattrace.goods.UsualGoods;
import neattrace.job.Job;
import neattrace.job.PressSection;
import neattrace.job.WantedGoods;
import neattrace.job.setting.PressSettings;
import neattrace.press.Cmyk;
import neattrace.press.PressProfile;
import neattrace.press.ProfileException;
import neattrace.press.black.BlackSchool;
import neattrace.print.ready.PressPalette;
import neattrace.print.ready.PressTerms;

/** Black, traps, the ink limit and the press itself. */
final class BlackStep implements Step {

    private final PressDesk desk;
    private final ChoiceField<BlackSchool> school;
    private final NumberField bold;
    private final ChoiceField<Boolean> lines;
    private final NumberField register;
    private final ChoiceField<Boolean> trapped;
    private final NumberField trap;
    private final NumberField limit;
    private final BuildField underlay;
    private final Hint risk = new Hint("");
    private final Label profile = new Label();
    private final Node boldly;
    private final Node coloured;
    private final Node beneath;
    private final Node shipped;
    private final Button look;
    private final SittingWatch watch = new SittingWatch();
    private PressProfile before;
    private double limitNow = 400;
    private final VBox content;

    BlackStep(PressDesk desk) {
        this.desk = desk;
        school = desk.bench().field(PressSettings.BLACK);
        bold = desk.bench().field(PressSettings.BOLD);
        lines = desk.bench().field(PressSettings.LINES);
        register = desk.bench().field(PressSettings.REGISTER);
        trapped = desk.bench().field(PressSettings.TRAPPED);
        trap = desk.bench().field(PressSettings.TRAP);
        limit = desk.bench().field(PressSettings.LIMIT);
        underlay =
                new BuildField(
                        "Beneath black",
                        "nothing",
                        build -> desk.bench().workspace().press().preview(build),
                        this::under);
        underlay.setId("underlay");
        boldly = new Sentence("Bold is what is", bold, "wide.");
        beneath = new Sentence("Beneath it lies", underlay, ".");
        profile.getStyleClass().add("swatch-name");
        shipped =
                Buttons.small(
                        "Back to the one that ships",
                        "profile-shipped",
                        () -> take(PressProfile.bundled()));
        look =
                Buttons.small(
                        "Build all colours anew, keeping their look",
                        "profile-look",
                        this::keepLook);
        coloured = new Sentence("Coloured lines", lines, ".");
        content =
                new VBox(
                        8,
                        new Sentence("Black is", school, "."),
                        boldly,
                        beneath,
                        risk,
                        coloured,
                        new Sentence("Plates may lie", register, "off from one another."),
                        new Sentence("Colours meet", trapped, ",", trap, "wide."),
                        new Sentence("At most", limit, "ink lies in one place."),
                        Buttons.small("As the goods say", "press-as-goods", this::asGoods),
                        new Sentence("The press is", profile, "."),
                        new FlowPane(
                                6,
                                6,
                                Buttons.small("Open a profile …", "open-profile", this::choose),
                                shipped,
                                look));
    }

    private void under(Cmyk build) {
        desk.change(
                "Beneath black",
                press -> press.withUnderlay(new Cmyk(build.c(), build.m(), build.y(), 0)));
    }

    private void asGoods() {
        desk.change(
                "As the goods say",
                press ->
                        press.withRegisterMm(PressSection.AUTO)
                                .withTrapMm(PressSection.AUTO)
                                .withInkLimit(PressSection.AUTO)
                                .withBoldMm(PressSection.AUTO));
    }

    private void choose() {
        File file = desk.bench().choose("Open a press profile", "ICC profiles", "*.icc", "*.icm");
        if (file != null) {
            open(file.toPath());
        }
    }

    /** Takes a profile of a file. */
    void open(Path file) {
        try {
            if (Files.size(file) > PressProfile.MOST_BYTES) {
                throw new ProfileException("It is larger than any press profile.");
            }
            PressProfile read = PressProfile.of(Files.readAllBytes(file));
            take(read);
        } catch (ProfileException e) {
            desk.bench().say(file.getFileName() + ": " + e.getMessage());
        } catch (IOException e) {
            desk.bench().say(file.getFileName() + " could not be read.");
        }
    }

    private void take(PressProfile next) {
        watch.keeps(desk.bench().workspace().shownProperty().get());
        PressProfile last = desk.bench().workspace().press();
        before = last.equals(next) ? before : last;
        desk.change("Profile", press -> press.withProfile(next));
    }

    /**
     * Builds every colour anew so that it looks as it did on the press before; on the same press
     * those that have more ink than is taken.
     */
    private void keepLook() {
        PressProfile last = before;
        double limit = limitNow;
        before = null;
        desk.bench()
                .workspace()
                .derive(
                        last == null ? "Colours within the ink limit" : "Colours for another press",
                        progress ->
                                job ->
                                        last == null
                                                ? PressPalette.within(job, limit)
                                                : PressPalette.rebuilt(job, last, limit));
    }

    @Override
    public String title() {
        return "Black, traps";
    }

    @Override
    public String state(Shown shown) {
        return shown.drawing().job().press().school() == BlackSchool.K_ONLY ? "K" : "rich";
    }

    @Override
    public Node content() {
        return content;
    }

    @Override
    public void show(Shown shown) {
        if (watch.isAnother(shown)) {
            before = null;
        }
        Job job = shown.drawing().job();
        PressSection press = job.press();
        Goods goods = desk.wanted(job).map(WantedGoods::goods).orElse(UsualGoods.UNDECIDED);
        PressTerms terms = PressTerms.of(press, goods.printing(), goods.ground());
        school.show(press.school());
        bold.show(terms.black().boldMm());
        lines.show(press.linesOver());
        coloured.setVisible(!shown.drawing().traced().colouredLines().isEmpty());
        coloured.setManaged(coloured.isVisible());
        register.show(terms.trap().registerMm());
        trapped.show(press.trapped());
        trap.show(terms.trap().widthMm());
        trap.setDisable(!press.trapped());
        limit.show(terms.inkLimit() == 0 ? 400 : terms.inkLimit());
        underlay.show(press.underlay());
        boolean kept = press.school() == BlackSchool.KEPT_BACK;
        boldly.setVisible(kept);
        boldly.setManaged(kept);
        boolean rich = press.school() != BlackSchool.K_ONLY;
        beneath.setVisible(rich);
        beneath.setManaged(rich);
        risk.setText(
                switch (press.school()) {
                    case KEPT_BACK ->
                            "Fine lines are black ink alone. The edge of a solid is a little less"
                                    + " deep; nothing coloured shows beside it.";
                    case AS_DRAWN ->
                            "Deep to the edge. Where plates lie off, coloured fringes show beside"
                                    + " the black.";
                    case K_ONLY -> "For lettering and one-ink jobs. Solids look grey.";
                });
        profile.setText(
                press.profile().name().isEmpty()
                        ? "a profile of your own"
                        : press.profile().name());
        limitNow = terms.inkLimit() == 0 ? 400 : terms.inkLimit();
        boolean over = job.swatches().stream().anyMatch(one -> one.build().total() > limitNow);
        look.setText(
                before != null
                        ? "Build all colours anew, keeping their look"
                        : String.format(Locale.ROOT, "Build colours over %.0f %% anew", limitNow));
        look.setVisible((before != null || over) && !job.swatches().isEmpty());
        look.setManaged(look.isVisible());
        shipped.setVisible(!press.profile().isBundled());
        shipped.setManaged(!press.profile().isBundled());
    }
}
