package neattrace.goods.sheet;

import static neattrace.json.JsonFields.rounded;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import neattrace.goods.Remark;
import neattrace.goods.nest.Laid;
import neattrace.goods.nest.Nest;

/**
 * What can be measured of a sheet, and what a person should know of it.
 *
 * @param sheet the sheet
 * @param nearestMm from cut to cut where they lie nearest; infinite for a single sticker
 * @param findings in plain words
 */
public record SheetFacts(StickerSheet sheet, double nearestMm, List<Remark> findings) {

    /** Denser sheets are hard to weed and to peel (common practice, no source). */
    public static final double CRAMMED = 0.72;

    /** From cut to cut on a coloured ground, mm (common practice, no source). */
    public static final double COLOURED_GAP_MM = 5;

    public SheetFacts {
        findings = List.copyOf(findings);
    }

    /** Measures a sheet. */
    public static SheetFacts of(StickerSheet sheet) {
        Nest nest = sheet.nest();
        double nearest = nest.nearestMm();
        List<Remark> findings = new ArrayList<>();
        if (!nest.left().isEmpty()) {
            findings.add(
                    new Remark(
                            "left-over",
                            String.format(
                                    Locale.ROOT,
                                    "%d of %d stickers fit; %d left over.",
                                    nest.laid().size(),
                                    nest.laid().size() + nest.left().size(),
                                    nest.left().size())));
        }
        if (nearest < sheet.layout().gapMm() - SheetRoom.ROUNDING_MM) {
            findings.add(
                    new Remark(
                            "too-near",
                            String.format(
                                    Locale.ROOT,
                                    "Two cuts lie %.1f mm apart; %.1f mm were asked for.",
                                    nearest,
                                    sheet.layout().gapMm())));
        }
        if (isCrammed(sheet)) {
            findings.add(
                    new Remark(
                            "crammed",
                            String.format(
                                    Locale.ROOT,
                                    "%.0f %% of the sheet is stickers: crammed, hard to weed.",
                                    100 * nest.density())));
        }
        if (isBufferShort(sheet.layout())) {
            findings.add(
                    new Remark(
                            "coloured-ground",
                            "The ground is coloured: 5 mm from cut to cut are usual there."));
        }
        long small =
                nest.laid().stream()
                        .filter(one -> sheet.item(one).sticker().cuts().get(0).isSmall())
                        .count();
        if (small > 0) {
            findings.add(new Remark("small", small + " stickers under 12 mm: hard to peel."));
        }
        return new SheetFacts(sheet, nearest, findings);
    }

    /** Whether a sheet is so full that it is hard to weed. */
    public static boolean isCrammed(StickerSheet sheet) {
        return sheet.nest().density() > CRAMMED;
    }

    /** Whether stickers lie nearer to one another than is usual on a coloured ground. */
    public static boolean isBufferShort(SheetLayout layout) {
        return layout.ground().total() > 0 && layout.gapMm() < COLOURED_GAP_MM;
    }

    /** What people read. */
    public List<String> lines() {
        List<String> lines = new ArrayList<>();
        Nest nest = sheet.nest();
        String near =
                Double.isFinite(nearestMm)
                        ? String.format(Locale.ROOT, "; nearest %.2f mm", nearestMm)
                        : "";
        int n = nest.laid().size();
        lines.add(
                String.format(
                        Locale.ROOT,
                        "%d %s on %.1f x %.1f mm, %.0f %% of it%s",
                        n,
                        n == 1 ? "sticker" : "stickers",
                        sheet.layout().widthMm(),
                        sheet.layout().heightMm(),
                        100 * nest.density(),
                        near));
        findings.forEach(finding -> lines.add(finding.words()));
        return lines;
    }

    /** The same for programs. */
    public String json() {
        ObjectNode root = JsonNodeFactory.instance.objectNode();
        Nest nest = sheet.nest();
        root.put("widthMm", sheet.layout().widthMm()).put("heightMm", sheet.layout().heightMm());
        root.put("stickers", nest.laid().size()).put("leftOver", nest.left().size());
        root.put("density", rounded(nest.density()));
        if (Double.isFinite(nearestMm)) {
            root.put("nearestMm", rounded(nearestMm));
        }
        ArrayNode placed = root.putArray("placed");
        for (Laid laid : nest.laid()) {
            placed.addObject()
                    .put("name", sheet.item(laid).name())
                    .put("xMm", rounded(laid.xMm()))
                    .put("yMm", rounded(laid.yMm()))
                    .put("turnDegrees", rounded(laid.turnDegrees()));
        }
        Remark.put(findings, root);
        return root.toPrettyString();
    }
}
