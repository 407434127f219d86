package neattrace.goods.page;

import static neattrace.json.JsonFields.rounded;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import neattrace.goods.Remark;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.operation.buffer.BufferOp;

/**
 * What can be measured of a colouring page, and what a person should know of it.
 *
 * @param page the page
 * @param cm2 of paper to be coloured
 * @param minutes it takes, at the pace of the pencil
 * @param solidShare of the drawing that is solid black
 * @param findings in plain words
 */
public record PageFacts(
        ColouringPage page, double cm2, double minutes, double solidShare, List<Remark> findings) {

    /** Black wider than this is an area and no line, mm on the page. */
    private static final double SOLID_MM = 3;

    /** More black drinks up a printer's ink (common practice, no source). */
    private static final double MUCH_SOLID = 0.15;

    /** Another way round the page is worth while from so much larger on. */
    private static final double LARGER = 1.25;

    public PageFacts {
        findings = List.copyOf(findings);
    }

    /** Measures a page at the usual pace of its pencil. */
    public static PageFacts of(ColouringPage page) {
        return of(page, ColouringPace.of(page.recipe().pencil()));
    }

    /** Measures a page at somebody's own pace. */
    public static PageFacts of(ColouringPage page, ColouringPace pace) {
        double factor = page.room().factor();
        double mm2 = page.areas().areas().stream().mapToDouble(PageArea::squareMm).sum();
        double cm2 = mm2 * factor * factor / 100;
        double solid = solidShare(page.areas().ink(), factor);
        return new PageFacts(
                page,
                cm2,
                pace.minutes(cm2, page.areas().areas().size()),
                solid,
                findings(page, solid));
    }

    /** Black that a disc fits into, as a share of the drawing's box. */
    private static double solidShare(Geometry ink, double factor) {
        if (ink.isEmpty()) {
            return 0;
        }
        double half = SOLID_MM / factor / 2;
        Geometry core = BufferOp.bufferOp(ink, -half, 4);
        double solid = core.isEmpty() ? 0 : BufferOp.bufferOp(core, half, 4).getArea();
        return solid / ink.getEnvelopeInternal().getArea();
    }

    private static List<Remark> findings(ColouringPage page, double solid) {
        List<Remark> findings = new ArrayList<>();
        int areas = page.areas().areas().size();
        List<PageArea> small = page.small();
        if (page.areas().ink().isEmpty()) {
            findings.add(new Remark("empty", "There is nothing on the page."));
            return findings;
        }
        if (areas == 0) {
            findings.add(new Remark("open", "No area is closed: there is nothing to colour in."));
        }
        if (!small.isEmpty()) {
            findings.add(
                    new Remark(
                            "small",
                            String.format(
                                    Locale.ROOT,
                                    "%s too small for the pencil: no circle of %.1f mm fits in.",
                                    small.size() == areas && areas > 1
                                            ? "All " + areas + " areas are"
                                            : small.size() == 1
                                                    ? "1 area is"
                                                    : small.size() + " of " + areas + " areas are",
                                    page.goods().detail().areaMm())));
        }
        numbers(page, findings);
        if (solid > MUCH_SOLID) {
            findings.add(
                    new Remark(
                            "solid",
                            String.format(
                                    Locale.ROOT,
                                    "%.0f %% of the drawing is solid black: it drinks ink, and"
                                            + " leaves nothing to colour.",
                                    100 * solid)));
        }
        double other = turned(page);
        if (other > LARGER) {
            findings.add(
                    new Remark(
                            "lying",
                            String.format(
                                    Locale.ROOT,
                                    "Turned by a quarter it would be %.0f %% larger.",
                                    100 * (other - 1))));
        }
        return findings;
    }

    private static void numbers(ColouringPage page, List<Remark> findings) {
        if (!page.recipe().numbers()) {
            return;
        }
        if (page.swatches().isEmpty()) {
            findings.add(
                    new Remark("no-colours", "The drawing has no colours: there are no numbers."));
            return;
        }
        long bare = page.areas().areas().stream().filter(one -> one.swatch() == 0).count();
        if (bare > 0) {
            findings.add(
                    new Remark(
                            "bare",
                            (bare == 1 ? "1 area has" : bare + " areas have")
                                    + " no colour and no number: paper stays white there."));
        }
        long without = page.areas().areas().size() - bare - page.numbers().size();
        if (without > 0) {
            findings.add(
                    new Remark(
                            "unnumbered",
                            (without == 1 ? "1 area has" : without + " areas have")
                                    + " no room for a number, within or near."));
        }
    }

    /** How many times as large it would be lying where it stands, or standing where it lies. */
    private static double turned(ColouringPage page) {
        double width = page.drawing().extent().widthMm();
        double height = page.drawing().extent().heightMm();
        if (page.goods().sizing().fit() != neattrace.goods.Sizing.Fit.PAGE || !(width > 0)) {
            return 1;
        }
        double across = page.room().art().getWidth();
        double down = page.room().art().getHeight();
        return Math.min(across / height, down / width) / page.room().factor();
    }

    /** What people read. */
    public List<String> lines() {
        List<String> lines = new ArrayList<>();
        int areas = page.areas().areas().size();
        lines.add(
                String.format(
                        Locale.ROOT,
                        "%.1f x %.1f mm; %d %s, %.0f cm2 to colour, about %s",
                        page.room().widthMm(),
                        page.room().heightMm(),
                        areas,
                        areas == 1 ? "area" : "areas",
                        cm2,
                        time()));
        if (!page.numbers().isEmpty()) {
            long beside = page.numbers().stream().filter(one -> one.leader().isPresent()).count();
            lines.add(
                    String.format(
                            Locale.ROOT,
                            "%d numbers for %d colours%s",
                            page.numbers().size(),
                            page.swatches().size(),
                            beside == 0 ? "" : ", " + beside + " of them beside their areas"));
        }
        findings.forEach(finding -> lines.add(finding.words()));
        return lines;
    }

    /** How long it takes to colour, in words. */
    public String time() {
        long rounded = Math.max(1, Math.round(minutes));
        return rounded < 90
                ? rounded + " minutes"
                : String.format(Locale.ROOT, "%.1f hours", minutes / 60);
    }

    /** The same for programs. */
    public String json() {
        ObjectNode root = JsonNodeFactory.instance.objectNode();
        put(root);
        return root.toPrettyString();
    }

    /** Puts it into an object. */
    public void put(ObjectNode root) {
        double factor = page.room().factor();
        root.put("widthMm", rounded(page.room().widthMm()));
        root.put("heightMm", rounded(page.room().heightMm()));
        root.put("factor", rounded(factor)).put("areas", page.areas().areas().size());
        root.put("colourCm2", rounded(cm2)).put("minutes", Math.round(minutes));
        root.put("solidShare", rounded(solidShare));
        double[] sizes =
                page.areas().areas().stream()
                        .mapToDouble(one -> 2 * one.radiusMm() * factor)
                        .sorted()
                        .toArray();
        if (sizes.length > 0) {
            root.put("smallestMm", rounded(sizes[0]));
            root.put("usualMm", rounded(sizes[sizes.length / 2]));
            root.put("largestMm", rounded(sizes[sizes.length - 1]));
        }
        ArrayNode small = root.putArray("small");
        for (PageArea area : page.small()) {
            Coordinate at = new Coordinate(area.middle().x(), area.middle().y());
            page.onPage().transform(at, at);
            small.addObject()
                    .put("xMm", rounded(at.x))
                    .put("yMm", rounded(at.y))
                    .put("acrossMm", rounded(2 * area.radiusMm() * factor));
        }
        ArrayNode numbers = root.putArray("numbers");
        for (PlacedNumber number : page.numbers()) {
            numbers.addObject()
                    .put("number", number.number())
                    .put("xMm", rounded(number.at().x()))
                    .put("yMm", rounded(number.at().y()))
                    .put("heightMm", rounded(number.heightMm()))
                    .put("beside", number.leader().isPresent());
        }
        Remark.put(findings, root);
    }
}
