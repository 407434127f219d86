package neattrace.app.station.brief;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.layout.VBox;
import neattrace.app.docket.Buttons;
import neattrace.app.docket.Hint;
import neattrace.app.docket.Rows;
import neattrace.app.docket.Sentence;
import neattrace.app.docket.Step;
import neattrace.app.docket.TextValue;
import neattrace.app.table.hand.BoxHand;
import neattrace.app.work.Shown;
import neattrace.job.Day;
import neattrace.job.Job;
import neattrace.job.Lettering;

/** What it is called, for whom it is and by when. */
final class OrderStep implements Step {

    private final BriefDesk desk;
    private final TextValue title;
    private final TextValue client;
    private final TextValue due;
    private final Hint hint = new Hint("");
    private final Rows lettering = new Rows(this::unmark);
    private final VBox content;

    OrderStep(BriefDesk desk) {
        this.desk = desk;
        title = new TextValue("What the drawing is called", "a name", this::rename);
        title.setId("job-title");
        client = new TextValue("For whom it is", "myself", this::setClient);
        client.setId("job-client");
        due = new TextValue("By when", "no day promised", this::setDue);
        due.setId("job-due");
        content =
                new VBox(
                        8,
                        new Sentence("It is called", title, "."),
                        new Sentence("It is for", client, "."),
                        new Sentence("It is due:", due, "."),
                        hint,
                        lettering,
                        Buttons.small("Mark lettering …", "mark-lettering", this::mark),
                        new Hint(
                                "Letters and signatures are checked for their height on all goods."));
    }

    private void mark() {
        desk.bench()
                .take(
                        new BoxHand(
                                "Draw a box round letters or a signature.",
                                (from, to) ->
                                        desk.bench()
                                                .change(
                                                        "Lettering",
                                                        job ->
                                                                with(
                                                                        job,
                                                                        Lettering.between(
                                                                                from, to)))));
    }

    private static Job with(Job job, Lettering one) {
        List<Lettering> next = new ArrayList<>(job.brief().lettering());
        next.add(one);
        return job.withBrief(job.brief().withLettering(next));
    }

    private void unmark(int index) {
        desk.bench()
                .change(
                        "Lettering",
                        job -> {
                            List<Lettering> next = new ArrayList<>(job.brief().lettering());
                            next.remove(index);
                            return job.withBrief(job.brief().withLettering(next));
                        });
    }

    private void rename(String next) {
        if (next.isEmpty()) {
            title.show("");
            title.show(desk.job().title());
            return;
        }
        desk.bench().change("Name", now -> now.withTitle(next));
    }

    private void setClient(String words) {
        try {
            desk.bench().change("Client", now -> now.withBrief(now.brief().withClient(words)));
        } catch (IllegalArgumentException e) {
            desk.bench().say(e.getMessage() + ".");
        }
    }

    private void setDue(String words) {
        Optional<LocalDate> day = Day.parse(words, LocalDate.now());
        if (!words.isEmpty() && day.isEmpty()) {
            desk.bench().say("“" + words + "” is no day such as 12 March or 2027-03-12.");
            show(desk.job());
            return;
        }
        desk.bench().change("Due", now -> now.withBrief(now.brief().withDue(day)));
        show(desk.job());
    }

    @Override
    public String title() {
        return "Order";
    }

    @Override
    public String state(Shown shown) {
        Job job = shown.drawing().job();
        String client = job.brief().client();
        return client.isEmpty() ? "for myself" : client;
    }

    @Override
    public Node content() {
        return content;
    }

    @Override
    public void show(Shown shown) {
        show(desk.job());
    }

    private void show(Job job) {
        title.show(job.title());
        client.show(job.brief().client());
        due.show(job.brief().due().map(Day::words).orElse(""));
        boolean past = job.brief().due().filter(LocalDate.now()::isAfter).isPresent();
        hint.setText(past ? "That day has passed." : "");
        hint.setVisible(past);
        hint.setManaged(past);
        lettering.show(
                job.brief().lettering().stream()
                        .map(
                                one ->
                                        String.format(
                                                Locale.ROOT,
                                                "Letters at %.0f, %.0f mm",
                                                one.middle().x(),
                                                one.middle().y()))
                        .toList());
    }
}
