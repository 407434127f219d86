package neattrace.goods.stencil;

import static neattrace.json.JsonFields.rounded;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import neattrace.goods.Remark;

/**
 * What can be measured of stencils, and what a person should know of them.
 *
 * @param set the stencils
 * @param findings in plain words
 */
public record StencilFacts(StencilSet set, List<Remark> findings) {

    public StencilFacts {
        findings = List.copyOf(findings);
    }

    /** Measures stencils. */
    public static StencilFacts of(StencilSet set) {
        List<Remark> findings = new ArrayList<>();
        if (set.sheets().isEmpty()) {
            findings.add(
                    new Remark(
                            "no-colours", "The drawing has no colours: there is nothing to cut."));
        }
        for (StencilSet.Named one : set.sheets()) {
            String on = set.sheets().size() == 1 ? "" : one.name() + ": ";
            findings(one.stencil(), set, on, findings);
        }
        int adrift = set.adrift().size();
        if (adrift > 0) {
            findings.add(
                    new Remark(
                            "tie-adrift",
                            (adrift == 1 ? "1 tie that was" : adrift + " ties that were")
                                    + " put by hand can run nowhere near."));
        }
        return new StencilFacts(set, findings);
    }

    private static void findings(
            CutStencil stencil, StencilSet set, String on, List<Remark> findings) {
        if (stencil.cut().isEmpty()) {
            findings.add(new Remark("empty", on + "Nothing is cut."));
            return;
        }
        if (!stencil.isOnePiece()) {
            findings.add(
                    new Remark(
                            "loose", on + "The sheet falls into " + stencil.pieces() + " pieces."));
        }
        long few = stencil.islands().stream().filter(one -> one.ties() < 2).count();
        if (few > 0) {
            findings.add(
                    new Remark(
                            "few-ties",
                            on
                                    + (few == 1 ? "1 island hangs" : few + " islands hang")
                                    + " by less than two ties."));
        }
        if (!stencil.dropped().isEmpty()) {
            int n = stencil.dropped().size();
            findings.add(
                    new Remark(
                            "dropped",
                            on
                                    + (n == 1 ? "1 island falls" : n + " islands fall")
                                    + String.format(
                                            Locale.ROOT,
                                            " out: up to %.1f mm2.",
                                            set.recipe().dropMm2())));
        }
        long narrow = stencil.webs().stream().filter(Web::holds).count();
        if (narrow > 0) {
            findings.add(
                    new Remark(
                            "narrow-web",
                            on
                                    + (narrow == 1 ? "1 web is" : narrow + " webs are")
                                    + String.format(
                                            Locale.ROOT,
                                            " narrower than %.1f mm and will tear.",
                                            set.goods().detail().webMm())));
        }
        long flaps = stencil.webs().stream().filter(Web::flaps).count();
        if (flaps > 0) {
            findings.add(
                    new Remark(
                            "long-web",
                            on
                                    + (flaps == 1 ? "1 web is" : flaps + " webs are")
                                    + " longer than 20 times their width and will flap."));
        }
        if (stencil.tieMm2() > stencil.cut().getArea()) {
            findings.add(
                    new Remark("wide-ties", on + "Ties take more than is left to paint through."));
        }
    }

    /** What people read. */
    public List<String> lines() {
        List<String> lines = new ArrayList<>();
        for (StencilSet.Named one : set.sheets()) {
            CutStencil stencil = one.stencil();
            lines.add(
                    String.format(
                            Locale.ROOT,
                            "%s: %.1f x %.1f mm, %d %s held by %d ties, %s",
                            one.name(),
                            set.room().widthMm(),
                            set.room().heightMm(),
                            stencil.islands().size(),
                            stencil.islands().size() == 1 ? "island" : "islands",
                            stencil.ties().size(),
                            stencil.isOnePiece() ? "one piece" : stencil.pieces() + " pieces"));
        }
        findings.forEach(finding -> lines.add(finding.words()));
        return lines;
    }

    /** The same for programs. */
    public String json() {
        ObjectNode root = JsonNodeFactory.instance.objectNode();
        root.put("widthMm", rounded(set.room().widthMm()));
        root.put("heightMm", rounded(set.room().heightMm()));
        root.put("factor", rounded(set.room().factor()));
        ArrayNode sheets = root.putArray("sheets");
        set.sheets().forEach(one -> sheet(one, sheets.addObject()));
        Remark.put(findings, root);
        return root.toPrettyString();
    }

    private static void sheet(StencilSet.Named one, ObjectNode node) {
        CutStencil stencil = one.stencil();
        node.put("name", one.name()).put("onePiece", stencil.isOnePiece());
        node.put("pieces", stencil.pieces()).put("cutMm2", rounded(stencil.cut().getArea()));
        node.put("tieMm2", rounded(stencil.tieMm2())).put("dropped", stencil.dropped().size());
        ArrayNode islands = node.putArray("islands");
        for (Island island : stencil.islands()) {
            islands.addObject()
                    .put("xMm", rounded(island.middle().x()))
                    .put("yMm", rounded(island.middle().y()))
                    .put("areaMm2", rounded(island.shape().getArea()))
                    .put("ties", island.ties())
                    .put("loadMm2", rounded(island.loadMm2()))
                    .put("bearsMm2", rounded(island.bearsMm2()));
        }
        ArrayNode ties = node.putArray("ties");
        for (Tie tie : stencil.ties()) {
            ties.addObject()
                    .put("xMm", rounded(tie.middle().x()))
                    .put("yMm", rounded(tie.middle().y()))
                    .put("lengthMm", rounded(tie.lengthMm()))
                    .put("widthMm", rounded(tie.widthMm()))
                    .put("areaMm2", rounded(tie.areaMm2()));
        }
        ArrayNode webs = node.putArray("webs");
        for (Web web : stencil.webs()) {
            webs.addObject()
                    .put("xMm", rounded(web.at().x()))
                    .put("yMm", rounded(web.at().y()))
                    .put("widthMm", rounded(web.widthMm()))
                    .put("lengthMm", rounded(web.lengthMm()))
                    .put("holds", web.holds())
                    .put("bends", web.bends());
        }
    }
}
