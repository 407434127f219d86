package neattrace.job.change;

import java.util.ArrayList;
import java.util.Collection;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import neattrace.flat.AreaGroup;
import neattrace.flat.Fill;
import neattrace.flat.FlatRecipe;
import neattrace.flat.Form;
import neattrace.flat.Swatch;
import neattrace.flat.layer.FlatLayer;
import neattrace.geom.Freehand;
import neattrace.geom.Point;
import neattrace.job.Job;
import neattrace.job.pipeline.Drawing;
import neattrace.press.Cmyk;
import neattrace.region.Area;
import neattrace.trace.LineColour;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.util.GeometryFixer;

/** Colours a job. Every operation takes a job and gives the changed one. */
public final class Colouring {

    /** What lies in shadow: a cool grey of this much ink over it (common practice, no source). */
    private static final Cmyk SHADOW = new Cmyk(30, 24, 6, 14);

    /** What is lit has so much of its ink left (common practice, no source). */
    private static final double LIT = 0.55;

    /** How the name of a colour in shadow ends; only for people. */
    public static final String DARKER = ", shaded";

    /** How the name of a colour in the light ends. */
    public static final String LIGHTER = ", lit";

    private Colouring() {}

    /**
     * Gives areas a swatch, or bare paper. Areas whose swatch is locked keep it.
     *
     * @param drawing of this job, or of one before it on the same page
     * @param swatch an id, or {@link Fill#PAPER}
     */
    public static Job fill(Job job, Drawing drawing, Collection<Area> areas, int swatch) {
        Set<Integer> labels = new HashSet<>();
        for (Area area : areas) {
            if (!area.outside() && !isLocked(job, drawing, area)) {
                labels.add(area.label());
            }
        }
        List<Fill> fills = new ArrayList<>(drawing.fillsBut(job.fills(), labels));
        for (int label : labels) {
            fills.add(new Fill(drawing.anchorMm(drawing.areas().areas().get(label)), swatch));
        }
        return job.withFills(fills);
    }

    /** Whether an area's swatch is locked. */
    public static boolean isLocked(Job job, Drawing drawing, Area area) {
        return Optional.ofNullable(drawing.attachment().swatchOf().get(area.label()))
                .flatMap(job::swatch)
                .filter(Swatch::locked)
                .isPresent();
    }

    /** Puts one swatch in the place of another everywhere, and takes the other away. */
    public static Job merged(Job job, int from, int into) {
        if (from == into || job.swatch(into).isEmpty()) {
            return job;
        }
        List<Fill> fills = new ArrayList<>();
        for (Fill fill : job.fills()) {
            fills.add(fill.swatch() == from ? new Fill(fill.anchor(), into) : fill);
        }
        LineColour lines = job.line().colour();
        List<LineColour.Hold> held = new ArrayList<>();
        for (LineColour.Hold hold : lines.held()) {
            held.add(hold.swatch() == from ? new LineColour.Hold(hold.at(), into) : hold);
        }
        LineColour moved =
                new LineColour(
                        lines.swatch() == from ? into : lines.swatch(), lines.borderBlack(), held);
        FlatRecipe flat =
                job.flat()
                        .withForms(
                                job.flat().forms().stream()
                                        .map(form -> form.replacing(from, into))
                                        .toList());
        return job.withFills(fills)
                .withLine(job.line().withColour(moved))
                .withFlat(flat)
                .withoutSwatch(from);
    }

    /** Makes areas a group under a name; an older group of that name is replaced. */
    public static Job grouped(Job job, Drawing drawing, Collection<Area> areas, String name) {
        List<AreaGroup> groups = new ArrayList<>(job.groups());
        groups.removeIf(group -> group.name().equals(name.strip()));
        groups.add(new AreaGroup(name, areas.stream().map(drawing::anchorMm).toList()));
        return job.withGroups(groups);
    }

    /** The areas of the group that an area belongs to; that area alone if it is in none. */
    public static List<Area> groupOf(Drawing drawing, Area area) {
        for (AreaGroup group : drawing.job().groups()) {
            List<Area> areas =
                    group.anchors().stream()
                            .flatMap(anchor -> drawing.areaAt(anchor).stream())
                            .filter(one -> !one.outside())
                            .distinct()
                            .toList();
            if (areas.contains(area)) {
                return areas;
            }
        }
        return List.of(area);
    }

    /** The places of a group that still lie in areas of the drawing, mm. */
    public static List<Point> stillThere(Drawing drawing, AreaGroup group) {
        return group.anchors().stream()
                .filter(
                        anchor ->
                                drawing.areaAt(anchor).filter(area -> !area.outside()).isPresent())
                .toList();
    }

    /** The job with a group of other places; without it if there are none. */
    public static Job without(Job job, AreaGroup group, List<Point> kept) {
        List<AreaGroup> groups = new ArrayList<>(job.groups());
        int index = groups.indexOf(group);
        if (index < 0) {
            return job;
        }
        if (kept.isEmpty()) {
            groups.remove(index);
        } else {
            groups.set(index, new AreaGroup(group.name(), kept));
        }
        return job.withGroups(groups);
    }

    /** A job and the id of a swatch in it. */
    public record With(Job job, int swatch) {}

    /** The job with a darker or lighter swatch for another; one made earlier is used again. */
    public static With toned(Job job, int swatch, boolean lit) {
        Swatch base = job.swatch(swatch).orElseThrow();
        Swatch.Tone tone = new Swatch.Tone(swatch, lit);
        Optional<Swatch> known =
                job.swatches().stream()
                        .filter(one -> one.tone().filter(tone::equals).isPresent())
                        .findFirst();
        if (known.isPresent()) {
            return new With(job, known.get().id());
        }
        Cmyk build = lit ? lit(base.build()) : under(base.build(), SHADOW);
        String name = Swatch.named(base.name(), lit ? LIGHTER : DARKER);
        Swatch toned =
                new Swatch(job.freeSwatchId(), name, build.rounded())
                        .withGroup(base.group())
                        .withTone(tone);
        return new With(job.withSwatch(toned), toned.id());
    }

    private static Cmyk lit(Cmyk build) {
        return new Cmyk(LIT * build.c(), LIT * build.m(), LIT * build.y(), LIT * LIT * build.k());
    }

    /** Two inks over each other: what both let through is multiplied. */
    private static Cmyk under(Cmyk build, Cmyk over) {
        return new Cmyk(
                both(build.c(), over.c()),
                both(build.m(), over.m()),
                both(build.y(), over.y()),
                both(build.k(), over.k()));
    }

    private static double both(double a, double b) {
        return 100 - (100 - a) * (100 - b) / 100;
    }

    /** An inset of a coloured area in a lighter or darker swatch; empty if it has no colour. */
    public static Optional<Job> inset(
            Job job, Drawing drawing, Point place, double mm, boolean lit) {
        return toned(job, drawing, place, lit)
                .map(with -> with(with.job(), new Form.Inset(place, mm, with.swatch())));
    }

    /** The lit or the shaded side of a coloured area; empty if it has no colour. */
    public static Optional<Job> side(
            Job job, Drawing drawing, Point place, double mm, boolean lit) {
        return toned(job, drawing, place, lit)
                .map(with -> with(with.job(), new Form.Side(place, mm, lit, with.swatch())));
    }

    /** A highlight drawn within the area at the drawn line's middle; empty if it has no colour. */
    public static Optional<Job> highlight(Job job, Drawing drawing, List<Point> drawn) {
        Point place = centre(drawn);
        return toned(job, drawing, place, true)
                .map(
                        with ->
                                with(
                                        with.job(),
                                        new Form.Highlight(
                                                place, smooth(drawing, drawn), with.swatch())));
    }

    private static Optional<With> toned(Job job, Drawing drawing, Point place, boolean lit) {
        return drawing.areaAt(place)
                .filter(area -> !area.outside())
                .map(area -> drawing.attachment().swatchOf().get(area.label()))
                .filter(swatch -> swatch != Fill.PAPER)
                .map(swatch -> toned(job, swatch, lit));
    }

    /** A shadow over every colour beneath a drawn shape; empty if there is none. */
    public static Optional<Job> shade(Job job, Drawing drawing, List<Point> drawn) {
        List<Point> ring = smooth(drawing, drawn);
        Coordinate[] corners = new Coordinate[ring.size() + 1];
        for (int i = 0; i < corners.length; i++) {
            Point at = ring.get(i % ring.size());
            corners[i] = new Coordinate(at.x(), at.y());
        }
        Geometry shape = GeometryFixer.fix(new GeometryFactory().createPolygon(corners));
        Job next = job;
        Map<Integer, Integer> darker = new TreeMap<>();
        for (FlatLayer layer : drawing.layers()) {
            // What is in shadow already does not get darker still.
            boolean dark = layer.swatch().tone().filter(tone -> !tone.lit()).isPresent();
            if (!dark && layer.shape().intersects(shape)) {
                With with = toned(next, layer.swatch().id(), false);
                next = with.job();
                darker.put(layer.swatch().id(), with.swatch());
            }
        }
        return darker.isEmpty()
                ? Optional.empty()
                : Optional.of(with(next, new Form.Shade(ring, darker)));
    }

    /** The silhouette's shadow on the page, in a swatch of half a shadow's ink. */
    public static Job cast(Job job, double mm) {
        String name = "Cast shadow";
        Optional<Swatch> known =
                job.swatches().stream().filter(one -> one.name().equals(name)).findFirst();
        Swatch swatch =
                known.orElseGet(
                        () ->
                                new Swatch(
                                        job.freeSwatchId(),
                                        name,
                                        new Cmyk(
                                                SHADOW.c() / 2,
                                                SHADOW.m() / 2,
                                                SHADOW.y() / 2,
                                                SHADOW.k() / 2)));
        Job next = known.isPresent() ? job : job.withSwatch(swatch);
        List<Form> forms = new ArrayList<>(next.flat().forms());
        forms.removeIf(form -> form instanceof Form.Cast);
        forms.add(new Form.Cast(mm, swatch.id()));
        return next.withFlat(next.flat().withForms(forms));
    }

    private static Job with(Job job, Form form) {
        List<Form> forms = new ArrayList<>(job.flat().forms());
        forms.add(form);
        return job.withFlat(job.flat().withForms(forms));
    }

    private static List<Point> smooth(Drawing drawing, List<Point> drawn) {
        double pxPerMm = drawing.resolution().pxPerMm();
        List<Point> smooth = Freehand.smoothed(drawn.stream().map(p -> p.times(pxPerMm)).toList());
        // Every third place is near enough, and three there are in any line worth the name.
        List<Point> few = new ArrayList<>();
        int step = smooth.size() > 12 ? 3 : 1;
        for (int i = 0; i < smooth.size(); i += step) {
            few.add(smooth.get(i).times(1 / pxPerMm));
        }
        return few;
    }

    private static Point centre(List<Point> drawn) {
        double x0 = drawn.stream().mapToDouble(Point::x).min().orElse(0);
        double x1 = drawn.stream().mapToDouble(Point::x).max().orElse(0);
        double y0 = drawn.stream().mapToDouble(Point::y).min().orElse(0);
        double y1 = drawn.stream().mapToDouble(Point::y).max().orElse(0);
        return new Point((x0 + x1) / 2, (y0 + y1) / 2);
    }
}
