package neattrace.print.ready;

import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import neattrace.flat.Swatch;
import neattrace.job.Job;
import neattrace.job.PressSection;
import neattrace.press.Cmyk;
import neattrace.press.PressProfile;
import neattrace.press.Rgb;

/** The swatches of a job as they are printed. */
public final class PressPalette {

    private PressPalette() {}

    /**
     * A job whose colours look on its press as they did on another one, or as they were wished.
     *
     * @param before the other press
     * @param limit the most ink, percent
     */
    public static Job rebuilt(Job job, PressProfile before, double limit) {
        PressProfile now = job.press().profile();
        return job.withSwatches(
                job.swatches().stream()
                        .map(
                                one -> {
                                    Rgb look =
                                            one.wish().orElseGet(() -> before.preview(one.build()));
                                    return one.withBuild(now.nearest(look, limit))
                                            .withWish(Optional.of(look));
                                })
                        .toList());
    }

    /**
     * A job whose builds keep to an ink limit: those that have more become the ones nearest in
     * look.
     *
     * @param limit the most ink, percent
     */
    public static Job within(Job job, double limit) {
        PressProfile press = job.press().profile();
        return job.withSwatches(
                job.swatches().stream()
                        .map(
                                one ->
                                        one.build().total() <= limit
                                                ? one
                                                : one.withBuild(press.under(one.build(), limit)))
                        .toList());
    }

    /** Swatches each of which is an ink of its own, mixed to look as its build does. */
    public static List<Swatch> spots(List<Swatch> swatches, PressProfile profile) {
        return swatches.stream()
                .map(
                        one ->
                                // Black is a screen already: that of the lines.
                                one.spot().isPresent() || isBlack(one)
                                        ? one
                                        : one.withSpot(Optional.of(profile.lab(one.build()))))
                .toList();
    }

    private static boolean isBlack(Swatch one) {
        Cmyk build = one.build();
        return build.k() == 100 && build.total() == 100;
    }

    /** Each under its own id: in another one's ink where they share one, bare where cloth shows. */
    public static List<Swatch> of(List<Swatch> swatches, PressSection press) {
        Map<Integer, Swatch> known =
                swatches.stream().collect(Collectors.toMap(Swatch::id, one -> one, (a, b) -> a));
        return swatches.stream()
                .map(
                        one -> {
                            Swatch ink = known.get(ink(one.id(), press.merged()));
                            return press.cloth().contains(one.id()) || ink == null
                                    ? bare(one, press)
                                    : ink.withId(one.id());
                        })
                .toList();
    }

    private static Swatch bare(Swatch one, PressSection press) {
        return press.cloth().contains(one.id())
                ? one.withBuild(Cmyk.PAPER).withSpot(Optional.empty())
                : one;
    }

    /**
     * How many inks swatches are printed in: those that share one count once, those that the cloth
     * shows not at all, and in one colour there is but one.
     *
     * @param used ids of the swatches
     */
    public static int count(Set<Integer> used, PressSection press) {
        if (press.oneColour().on()) {
            return used.isEmpty() ? 0 : 1;
        }
        return (int)
                used.stream()
                        .filter(id -> !press.cloth().contains(id))
                        .map(id -> ink(id, press.merged()))
                        .distinct()
                        .count();
    }

    /** Where a chain of merges ends; where it began if it runs in a circle. */
    static int ink(int id, Map<Integer, Integer> merged) {
        Set<Integer> seen = new HashSet<>();
        int at = id;
        while (merged.containsKey(at) && merged.get(at) != at) {
            if (!seen.add(at)) {
                return id;
            }
            at = merged.get(at);
        }
        return at;
    }
}
