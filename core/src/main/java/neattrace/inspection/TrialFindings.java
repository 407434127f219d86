package neattrace.inspection;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import neattrace.finding.Answer;
import neattrace.finding.Cost;
import neattrace.finding.Finding;
import neattrace.finding.Group;
import neattrace.finding.Kind;
import neattrace.finding.Measure;
import neattrace.finding.Place;
import neattrace.finding.Severity;
import neattrace.geom.Point;
import neattrace.press.rehearsal.Fault;
import neattrace.press.rehearsal.FaultPlace;
import neattrace.print.ready.PressMend;
import neattrace.print.ready.PressTrial;
import neattrace.print.ready.PressTrials;
import neattrace.print.ready.SheetRehearsals;

/** What failed on the stand-in press, with what was tried and what came of it. */
final class TrialFindings {

    static final Kind PAPER = kind("press-paper", "Paper shows between inks at %d places");

    static final Kind FILLED = kind("press-filled", "Gaps fill in print at %d places");

    static final Kind DROWNED = kind("press-drowned", "Light lines are printed over at %d places");

    /** More places are not told singly. */
    private static final int MOST_TOLD = 20;

    /** A mend is worth telling if it takes away this much of what fails. */
    private static final double WORTH = 0.5;

    private final List<Wished> wished;
    private final PressTrials trials;
    private final Leaving left;

    TrialFindings(List<Wished> wished, PressTrials trials, Leaving left) {
        this.wished = wished;
        this.trials = trials;
        this.left = left;
    }

    private static Kind kind(String key, String several) {
        return new Kind(PressInspection.STATION, key, Severity.LOOK, Cost.RUN, several);
    }

    List<Group> groups() {
        Map<Fault, List<Finding>> found = new LinkedHashMap<>();
        for (Fault fault : Fault.values()) {
            found.put(fault, new ArrayList<>());
        }
        for (PressTrial trial : trials.trials()) {
            wished.stream()
                    .filter(one -> one.id() == trial.goods())
                    .findFirst()
                    .ifPresent(one -> add(one, trial, found));
        }
        List<Group> groups = new ArrayList<>();
        for (List<Finding> some : found.values()) {
            some.sort(
                    Comparator.comparingDouble((Finding one) -> one.measure().orElseThrow().value())
                            .reversed());
            Group.of(some, MOST_TOLD, this::forAll).ifPresent(groups::add);
        }
        return groups;
    }

    private void add(Wished goods, PressTrial trial, Map<Fault, List<Finding>> found) {
        for (FaultPlace place : trial.run().places()) {
            Point at = trial.onPage(place);
            if (!left.isLeft(goods.left(place.fault().name()), at)) {
                found.get(place.fault()).add(finding(goods, trial, place, at));
            }
        }
    }

    private Finding finding(Wished goods, PressTrial trial, FaultPlace place, Point at) {
        List<Answer> answers = new ArrayList<>();
        trial.mends().stream()
                .filter(one -> one.sheets(place) <= WORTH * place.sheets())
                .sorted(Comparator.comparingDouble(one -> one.sheets(place)))
                .forEach(one -> answers.add(answer(one.mend(), then(one.sheets(place)))));
        answers.add(left.leave(goods.left(place.fault().name()), at));
        return Finding.of(
                        kind(place.fault()),
                        words(place),
                        String.format(
                                Locale.ROOT,
                                "So it came out on %.0f of 100 sheets%s; plates lie off by %.2f mm at"
                                        + " most.",
                                place.sheets(),
                                goods.on(),
                                trial.registerMm()),
                        answers.toArray(Answer[]::new))
                .measuring(measure(place))
                .at(new Place.Spot(at, Math.max(3, goods.onPage(place.reachMm()))))
                .on(Wished.keys(List.of(goods)));
    }

    private static Kind kind(Fault fault) {
        return switch (fault) {
            case SLIVER -> PAPER;
            case FRINGE -> BlackFindings.FRINGED;
            case FILLED -> FILLED;
            case DROWNED -> DROWNED;
        };
    }

    private static String words(FaultPlace place) {
        return switch (place.fault()) {
            case SLIVER -> String.format(Locale.ROOT, "Paper shows, %.2f mm wide", place.widthMm());
            case FRINGE ->
                    String.format(
                            Locale.ROOT,
                            "Colour shows beside black, %.2f mm wide",
                            place.widthMm());
            case FILLED -> String.format(Locale.ROOT, "A gap of %.2f mm fills", place.widthMm());
            case DROWNED ->
                    String.format(
                            Locale.ROOT,
                            "%.0f %% of a light line is printed over",
                            100 * place.widthMm());
        };
    }

    private static Measure measure(FaultPlace place) {
        return place.fault() == Fault.DROWNED
                ? new Measure(100 * place.widthMm(), "%")
                : Measure.mm(place.widthMm());
    }

    private static Answer.Change answer(PressMend mend, String then) {
        return new Answer.Change(
                mend.key(), mend.label() + then, mend.label(), (job, drawing) -> mend.in(job));
    }

    private static String then(double sheets) {
        return sheets == 0
                ? ": then none"
                : String.format(Locale.ROOT, ": then %.0f of 100", Math.max(1, sheets));
    }

    /** Each thing that was tried for any of them, with how many sheets fail before and after. */
    private List<Answer> forAll(List<Finding> all) {
        List<Answer> answers = new ArrayList<>();
        Set<String> told = new HashSet<>();
        for (PressTrial trial : trials.trials()) {
            for (PressTrial.Mended one : trial.mends()) {
                if (helps(all, one.mend().key()) && told.add(one.mend().key())) {
                    answers.add(forAll(trial, one));
                }
            }
        }
        answers.add(Group.each(all, Leaving.LEAVE, "Leave all"));
        return answers;
    }

    private static boolean helps(List<Finding> all, String key) {
        return all.stream()
                .flatMap(one -> one.answers().stream())
                .anyMatch(one -> one.key().equals(key));
    }

    /** Whatever is tried concerns the whole job. */
    private static Answer.Change forAll(PressTrial trial, PressTrial.Mended one) {
        return answer(
                one.mend(),
                String.format(
                        Locale.ROOT,
                        ": %.0f of 100 fail, then %.0f",
                        trial.run().failing(SheetRehearsals.FAILS_MM2),
                        one.run().failing(SheetRehearsals.FAILS_MM2)));
    }
}
