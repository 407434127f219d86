package neattrace.inspection;

import static neattrace.inspection.GoodsAnswers.change;
import static neattrace.inspection.GoodsAnswers.mm;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import neattrace.finding.Answer;
import neattrace.finding.Cost;
import neattrace.finding.Finding;
import neattrace.finding.Kind;
import neattrace.finding.Measure;
import neattrace.finding.Severity;
import neattrace.goods.making.Motif;
import neattrace.goods.making.WrapRecipe;
import neattrace.goods.wrap.Wrap;
import neattrace.goods.wrap.WrapFacts;
import neattrace.job.WantedGoods;

/** Motifs that are cut off, meet the handle, hide behind the curve, or face nobody. */
final class WrapFindings {

    private static final Kind LONG =
            kind("wrap-too-long", Severity.STOP, "%d wraps are longer than the way round");
    private static final Kind CUT = kind("wrap-cut-off", Severity.LOOK, "%d motifs are cut off");
    private static final Kind HANDLE =
            kind("wrap-at-handle", Severity.LOOK, "%d motifs come too near to the handle");
    private static final Kind CURVE =
            kind("wrap-hidden", Severity.LOOK, "%d motifs are wider than one sees at once");
    private static final Kind FACING =
            kind("wrap-faces-nobody", Severity.LOOK, "%d mugs show nobody a whole motif");

    static final List<Kind> KINDS = List.of(LONG, CUT, HANDLE, CURVE, FACING);

    private final Wrap wrap;
    private final Wished wished;
    private final Leaving left;

    WrapFindings(Wrap wrap, Wished wished, Leaving left) {
        this.wrap = wrap;
        this.wished = wished;
        this.left = left;
    }

    private static Kind kind(String key, Severity severity, String many) {
        return new Kind(GangInspection.STATION, key, severity, Cost.RUN, many);
    }

    List<Finding> findings() {
        List<Finding> found = new ArrayList<>();
        if (wrap.cup().handleMm() < 0) {
            found.add(tooLong());
        }
        for (int i = 0; i < wrap.motifs().size(); i++) {
            Motif motif = wrap.motifs().get(i);
            String name = "Motif " + (i + 1);
            if (wrap.isCutOff(motif)) {
                add(found, i, "cut", cutOff(i, name));
            } else if (wrap.isAtHandle(motif)) {
                add(found, i, "handle", handle(i, name));
            }
            double hidden = WrapFacts.hiddenShare(wrap, motif);
            if (hidden > 0) {
                add(found, i, "curve", curve(i, name, hidden));
            }
        }
        boolean facing = wrap.motifs().isEmpty() || WrapFacts.facesDrinker(wrap);
        if (!facing && !left.isLeft(wished.left("facing"))) {
            found.add(facing());
        }
        return found;
    }

    private void add(List<Finding> found, int index, String what, Finding finding) {
        if (!left.isLeft(leftAs(index, what))) {
            found.add(finding.on(wished.keys()));
        }
    }

    private String leftAs(int index, String what) {
        return wished.left(what + "-" + index);
    }

    private Finding tooLong() {
        return Finding.of(
                        LONG,
                        "The wrap is longer than the way round" + wished.on(),
                        mm(
                                "A mug of %.0f mm is %.0f mm round; the wrap has %.0f mm.",
                                wrap.recipe().diameterMm(),
                                Math.PI * wrap.recipe().diameterMm(),
                                wrap.cup().wrapMm()))
                .measuring(Measure.mm(wrap.cup().wrapMm()))
                .against(Math.PI * wrap.recipe().diameterMm())
                .on(wished.keys());
    }

    private Finding cutOff(int index, String name) {
        return Finding.of(
                CUT,
                name + " is cut off" + wished.on(),
                "It reaches beyond the wrap: what lies there is not printed.",
                fit(index),
                left.leave(leftAs(index, "cut")));
    }

    private Finding handle(int index, String name) {
        return Finding.of(
                HANDLE,
                name + " comes too near to the handle" + wished.on(),
                mm(
                        "Within %.0f mm of the wrap's end the press and the handle are in the way.",
                        wrap.goods().edges().safeMm()),
                fit(index),
                left.leave(leftAs(index, "handle")));
    }

    private Answer.Change fit(int index) {
        return laid("fit", "Move it in", index, wrap.fitted(wrap.motifs().get(index)));
    }

    private Finding curve(int index, String name, double hidden) {
        Motif motif = wrap.motifs().get(index);
        return Finding.of(
                        CURVE,
                        mm("%.0f %% of ", 100 * hidden)
                                + name.toLowerCase(Locale.ROOT)
                                + " are hidden by the curve"
                                + wished.on(),
                        mm(
                                "However the mug is turned, %.0f mm of it are seen at once.",
                                wrap.cup().widestMm()),
                        laid("narrower", "Make it narrower", index, wrap.narrowed(motif)),
                        left.leave(leftAs(index, "curve")))
                .measuring(Measure.mm(wrap.box(motif).getWidth()))
                .against(wrap.cup().widestMm());
    }

    private Finding facing() {
        boolean leftHanded = wrap.recipe().leftHanded();
        List<Answer> answers = new ArrayList<>();
        nearest()
                .ifPresent(
                        index ->
                                answers.add(
                                        laid(
                                                "turn",
                                                "Turn one to the drinker",
                                                index,
                                                wrap.facing(wrap.motifs().get(index)))));
        answers.add(left.leave(wished.left("facing")));
        return Finding.of(
                        FACING,
                        "No motif faces a "
                                + (leftHanded ? "left" : "right")
                                + "-handed drinker whole"
                                + wished.on(),
                        "Who drinks sees the side a quarter round from the handle.",
                        answers.toArray(Answer[]::new))
                .on(wished.keys());
    }

    /** The motif that has the shortest way to face who drinks. */
    private Optional<Integer> nearest() {
        double facing = wrap.cup().facingMm(wrap.recipe().leftHanded());
        int best = -1;
        for (int i = 0; i < wrap.motifs().size(); i++) {
            double away = Math.abs(wrap.motifs().get(i).xMm() - facing);
            if (best < 0 || away < Math.abs(wrap.motifs().get(best).xMm() - facing)) {
                best = i;
            }
        }
        return best < 0 ? Optional.empty() : Optional.of(best);
    }

    private Answer.Change laid(String key, String label, int index, Motif there) {
        return change(
                key,
                label,
                wished,
                one -> {
                    WrapRecipe recipe = one.making().wrap();
                    List<Motif> motifs =
                            new ArrayList<>(
                                    recipe.motifs().isEmpty() ? wrap.motifs() : recipe.motifs());
                    if (index < motifs.size()) {
                        motifs.set(index, there);
                    }
                    return with(one, recipe.withMotifs(motifs));
                });
    }

    private static WantedGoods with(WantedGoods goods, WrapRecipe recipe) {
        return goods.withMaking(goods.making().withWrap(recipe));
    }
}
