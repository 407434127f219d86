package neattrace.inspection;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import neattrace.finding.Answer;
import neattrace.finding.Cost;
import neattrace.finding.Finding;
import neattrace.finding.Kind;
import neattrace.finding.Measure;
import neattrace.finding.Severity;
import neattrace.flat.Swatch;
import neattrace.press.Gamut;
import neattrace.press.PressProfile;
import neattrace.press.Reach;

/** Colours that print duller than on screen, worst first. */
final class DullFindings {

    static final Kind DULL =
            new Kind(
                    PressInspection.STATION,
                    "colour-duller",
                    Severity.INFO,
                    Cost.LITTLE,
                    "%d colours print otherwise than on screen");

    /** What differs by less is not worth a word (CIEDE2000; common practice, no source). */
    private static final double WORTH = 6;

    private DullFindings() {}

    static List<Finding> of(List<Swatch> swatches, PressProfile press, double limit, Leaving left) {
        List<Reach> reaches = new ArrayList<>();
        List<Swatch> dull = new ArrayList<>();
        for (Swatch one : swatches) {
            if (one.wish().isEmpty() || one.spot().isPresent()) {
                continue;
            }
            Reach reach = Reach.of(one.wish().get(), one.build(), press);
            if (reach.difference() >= WORTH && !left.isLeft(what(one))) {
                reaches.add(reach);
                dull.add(one);
            }
        }
        if (dull.isEmpty()) {
            return List.of();
        }
        Gamut gamut = press.gamut(limit);
        List<Finding> found = new ArrayList<>();
        for (int i = 0; i < dull.size(); i++) {
            found.add(finding(dull.get(i), reaches.get(i), gamut, press, limit, left));
        }
        found.sort(
                Comparator.comparingDouble((Finding one) -> one.measure().orElseThrow().value())
                        .reversed());
        return found;
    }

    private static String what(Swatch one) {
        return "dull " + one.id() + " " + one.build();
    }

    private static Finding finding(
            Swatch swatch,
            Reach reach,
            Gamut gamut,
            PressProfile press,
            double limit,
            Leaving left) {
        List<Answer> answers = new ArrayList<>();
        for (Reach near : gamut.neighbours(reach.wish(), press, limit)) {
            if (!near.build().equals(swatch.build())) {
                answers.add(
                        new Answer.Change(
                                "print-" + answers.size(),
                                "Print it as " + near.build(),
                                "Swatch " + swatch.name(),
                                (job, drawing) ->
                                        job.swatch(swatch.id())
                                                .map(
                                                        now ->
                                                                job.withSwatch(
                                                                        now.withBuild(
                                                                                near.build())))
                                                .orElse(job)));
            }
        }
        answers.add(left.leave(what(swatch)));
        return Finding.of(
                        DULL,
                        swatch.name() + " prints " + reach.lost(),
                        String.format(
                                Locale.ROOT,
                                "On screen it is %s; ink comes no nearer than %s.",
                                reach.wish().hex(),
                                reach.printed().hex()),
                        answers.toArray(Answer[]::new))
                .measuring(new Measure(reach.difference(), "ΔE"));
    }
}
