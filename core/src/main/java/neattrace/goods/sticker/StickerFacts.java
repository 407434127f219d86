package neattrace.goods.sticker;

import static neattrace.json.JsonFields.rounded;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import neattrace.goods.Remark;
import neattrace.goods.cut.StickerCut;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Point;
import org.locationtech.jts.operation.distance.IndexedFacetDistance;

/**
 * What can be measured of a sticker, and what a person should know of it.
 *
 * @param cuts measures of each cut, the largest first
 * @param findings in plain words
 */
public record StickerFacts(List<Cut> cuts, List<Remark> findings) {

    /** Radii down to so much less than asked for are as asked for. */
    private static final double SAME = 0.98;

    /**
     * Measures of a cut, mm.
     *
     * @param lengthMm of its outside
     * @param curves it is made of
     * @param nearestMm to the silhouette
     * @param farthestMm from it, where radius or neck asked for it
     */
    public record Cut(
            double widthMm,
            double heightMm,
            double lengthMm,
            int curves,
            double leastRadiusMm,
            double nearestMm,
            double farthestMm) {}

    public StickerFacts {
        cuts = List.copyOf(cuts);
        findings = List.copyOf(findings);
    }

    /** Measures a sticker. */
    public static StickerFacts of(Sticker sticker) {
        List<Cut> cuts = new ArrayList<>();
        for (StickerCut cut : sticker.cuts()) {
            cuts.add(measured(cut, sticker));
        }
        return new StickerFacts(cuts, findings(sticker, cuts));
    }

    private static Cut measured(StickerCut cut, Sticker sticker) {
        IndexedFacetDistance silhouette =
                new IndexedFacetDistance(sticker.silhouette().getBoundary());
        double nearest = silhouette.distance(cut.area().getExteriorRing());
        double farthest = 0;
        for (Coordinate at : cut.area().getExteriorRing().getCoordinates()) {
            Point point = sticker.silhouette().getFactory().createPoint(at);
            farthest = Math.max(farthest, silhouette.distance(point));
        }
        return new Cut(
                cut.widthMm(),
                cut.heightMm(),
                cut.area().getExteriorRing().getLength(),
                cut.loops().mapToInt(loop -> loop.size()).sum(),
                cut.leastRadiusMm(),
                nearest,
                farthest);
    }

    private static List<Remark> findings(Sticker sticker, List<Cut> cuts) {
        List<Remark> findings = new ArrayList<>();
        if (cuts.isEmpty()) {
            findings.add(new Remark("empty", "There is nothing to make a sticker of."));
        }
        if (cuts.size() > 1) {
            findings.add(
                    new Remark(
                            "loose",
                            (cuts.size() - 1)
                                    + " more "
                                    + (cuts.size() == 2 ? "piece lies" : "pieces lie")
                                    + " too far away to share its cut: stickers of their own."));
        }
        long small = sticker.cuts().stream().filter(StickerCut::isSmall).count();
        if (small > 0) {
            findings.add(
                    new Remark(
                            "small",
                            small
                                    + (small == 1 ? " sticker is" : " stickers are")
                                    + " under 12 mm: hard to peel."));
        }
        double radius = sticker.recipe().cut().radiusMm();
        long tight = cuts.stream().filter(cut -> cut.leastRadiusMm() < SAME * radius).count();
        if (tight > 0) {
            findings.add(
                    new Remark("tight", tight + " cut lines turn tighter than was asked for."));
        }
        return findings;
    }

    /** What people read. */
    public List<String> lines() {
        List<String> lines = new ArrayList<>();
        for (Cut cut : cuts) {
            lines.add(
                    String.format(
                            Locale.ROOT,
                            "%.1f x %.1f mm, cut %.0f mm in %d curves, tightest %.2f mm,"
                                    + " %.2f to %.2f mm from the drawing",
                            cut.widthMm,
                            cut.heightMm,
                            cut.lengthMm,
                            cut.curves,
                            cut.leastRadiusMm,
                            cut.nearestMm,
                            cut.farthestMm));
        }
        findings.forEach(finding -> lines.add(finding.words()));
        return lines;
    }

    /** The same for programs. */
    public String json() {
        ObjectNode root = JsonNodeFactory.instance.objectNode();
        ArrayNode stickers = root.putArray("stickers");
        cuts.forEach(cut -> stickers.add(json(cut)));
        Remark.put(findings, root);
        return root.toPrettyString();
    }

    private static JsonNode json(Cut cut) {
        return JsonNodeFactory.instance
                .objectNode()
                .put("widthMm", rounded(cut.widthMm))
                .put("heightMm", rounded(cut.heightMm))
                .put("lengthMm", rounded(cut.lengthMm))
                .put("curves", cut.curves)
                .put("leastRadiusMm", rounded(Math.min(1e6, cut.leastRadiusMm)))
                .put("nearestMm", rounded(cut.nearestMm))
                .put("farthestMm", rounded(cut.farthestMm));
    }
}
