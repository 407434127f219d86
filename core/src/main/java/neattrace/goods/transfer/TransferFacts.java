package neattrace.goods.transfer;

import static neattrace.json.JsonFields.rounded;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import neattrace.geom.Point;
import neattrace.goods.Remark;
import neattrace.job.pipeline.Extent;

/**
 * What can be measured of a transfer stencil, and what a person should know of it.
 *
 * @param stencil the stencil
 * @param findings in plain words
 */
public record TransferFacts(TransferStencil stencil, List<Remark> findings) {

    public TransferFacts {
        findings = List.copyOf(findings);
    }

    /** Measures a stencil. */
    public static TransferFacts of(TransferStencil stencil) {
        List<Remark> findings = new ArrayList<>();
        if (stencil.lines().isEmpty()) {
            findings.add(new Remark("empty", "There is nothing to transfer."));
        }
        int details = stencil.undecided().size();
        if (details > 0) {
            findings.add(
                    new Remark(
                            "detail",
                            String.format(
                                    Locale.ROOT,
                                    "%d %s under %.1f mm and will blur.",
                                    details,
                                    details == 1 ? "detail is" : "details are",
                                    stencil.goods().detail().areaMm())));
        }
        if (stencil.recipe().guide()) {
            findings.add(
                    new Remark(
                            "guide",
                            GuideReference.of(stencil.drawing())
                                    .map(one -> "The guide lies over " + one.what() + ".")
                                    .orElse(
                                            "The guide shows the drawing alone: no reference at"
                                                    + " the Brief has a picture.")));
        }
        if (stencil.tiles().count() > 1) {
            findings.add(
                    new Remark(
                            "tiled",
                            stencil.tiles().count()
                                    + " sheets overlap; put them together by their crosses."));
        }
        return new TransferFacts(stencil, findings);
    }

    /** What people read. */
    public List<String> lines() {
        Extent extent = stencil.drawing().extent();
        List<String> lines = new ArrayList<>();
        long strokes = stencil.lines().stream().filter(line -> !line.bold()).count();
        lines.add(
                String.format(
                        Locale.ROOT,
                        "%.1f x %.1f mm, %d lines of %.2f mm, %.2f mm outside, on %d %s",
                        stencil.factor() * extent.widthMm(),
                        stencil.factor() * extent.heightMm(),
                        strokes,
                        stencil.recipe().weightMm(),
                        stencil.recipe().outsideMm(),
                        stencil.tiles().count(),
                        stencil.tiles().count() == 1 ? "sheet" : "sheets"));
        findings.forEach(finding -> lines.add(finding.words()));
        return lines;
    }

    /** The same for programs. */
    public String json() {
        ObjectNode root = JsonNodeFactory.instance.objectNode();
        Extent extent = stencil.drawing().extent();
        root.put("widthMm", rounded(stencil.factor() * extent.widthMm()));
        root.put("heightMm", rounded(stencil.factor() * extent.heightMm()));
        root.put("factor", rounded(stencil.factor()));
        root.put("weightMm", stencil.recipe().weightMm());
        root.put("outsideMm", stencil.recipe().outsideMm());
        ArrayNode sheets = root.putArray("sheets");
        for (double[] origin : stencil.tiles().origins()) {
            sheets.addObject()
                    .put("xMm", rounded(origin[0]))
                    .put("yMm", rounded(origin[1]))
                    .put("widthMm", rounded(stencil.tiles().sheetWidthMm()))
                    .put("heightMm", rounded(stencil.tiles().sheetHeightMm()));
        }
        ArrayNode details = root.putArray("details");
        for (Point at : stencil.details()) {
            details.addObject()
                    .put("xMm", rounded(stencil.factor() * (at.x() - extent.left())))
                    .put("yMm", rounded(stencil.factor() * (at.y() - extent.top())));
        }
        Remark.put(findings, root);
        return root.toPrettyString();
    }
}
