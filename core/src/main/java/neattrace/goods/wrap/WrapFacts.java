package neattrace.goods.wrap;

import static neattrace.json.JsonFields.rounded;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import neattrace.goods.Remark;
import neattrace.goods.making.Motif;
import org.locationtech.jts.geom.Envelope;

/**
 * What can be measured of a wrap, and what a person should know of it.
 *
 * @param wrap the wrap
 * @param findings in plain words
 */
public record WrapFacts(Wrap wrap, List<Remark> findings) {

    /** Who drinks sees a motif if so much of it is seen at once. */
    private static final double FACES = 0.9;

    public WrapFacts {
        findings = List.copyOf(findings);
    }

    /** Measures a wrap. */
    public static WrapFacts of(Wrap wrap) {
        List<Remark> findings = new ArrayList<>();
        if (wrap.motifs().isEmpty()) {
            findings.add(new Remark("empty", "There is nothing on the wrap."));
        }
        if (wrap.cup().handleMm() < 0) {
            findings.add(new Remark("too-long", "The wrap is longer than the way round the cup."));
        }
        int number = 1;
        for (Motif motif : wrap.motifs()) {
            motif(wrap, motif, "Motif " + number++, findings);
        }
        if (!facesDrinker(wrap) && !wrap.motifs().isEmpty()) {
            findings.add(
                    new Remark(
                            "not-facing",
                            "No motif faces a "
                                    + (wrap.recipe().leftHanded() ? "left" : "right")
                                    + "-handed drinker whole."));
        }
        return new WrapFacts(wrap, findings);
    }

    private static void motif(Wrap wrap, Motif motif, String name, List<Remark> findings) {
        if (wrap.isCutOff(motif)) {
            findings.add(new Remark("cut-off", name + " is cut off at the wrap's edge."));
        } else if (wrap.isAtHandle(motif)) {
            findings.add(new Remark("handle", name + " comes too near to the handle."));
        }
        double hidden = hiddenShare(wrap, motif);
        if (hidden > 0) {
            findings.add(
                    new Remark(
                            "curve",
                            String.format(
                                    Locale.ROOT,
                                    "%s is %.0f mm wide: %.0f %% of it is hidden by the curve,"
                                            + " however the cup is turned.",
                                    name,
                                    wrap.box(motif).getWidth(),
                                    100 * hidden)));
        }
    }

    /** Whether a motif is seen whole, or nearly, by who drinks. */
    public static boolean facesDrinker(Wrap wrap) {
        return wrap.motifs().stream().anyMatch(one -> drinker(wrap, one) >= FACES);
    }

    /** How much of a motif the curve hides even if it is turned to the eye, 0 to 1. */
    public static double hiddenShare(Wrap wrap, Motif motif) {
        Envelope box = wrap.box(motif);
        return 1 - wrap.cup().seenShare(box.getMinX(), box.getMaxX(), box.centre().x);
    }

    /** How much of it is seen by who drinks. */
    private static double drinker(Wrap wrap, Motif motif) {
        Envelope box = wrap.box(motif);
        return wrap.cup()
                .seenShare(
                        box.getMinX(),
                        box.getMaxX(),
                        wrap.cup().facingMm(wrap.recipe().leftHanded()));
    }

    /** What people read. */
    public List<String> lines() {
        List<String> lines = new ArrayList<>();
        int number = 1;
        for (Motif motif : wrap.motifs()) {
            Envelope box = wrap.box(motif);
            lines.add(
                    String.format(
                            Locale.ROOT,
                            "Motif %d: %.1f x %.1f mm, %.0f degrees round the cup; who drinks sees"
                                    + " %.0f %% of it",
                            number++,
                            box.getWidth(),
                            box.getHeight(),
                            Math.toDegrees(wrap.cup().turn(box.getMinX(), box.getMaxX())),
                            100 * drinker(wrap, motif)));
        }
        findings.forEach(finding -> lines.add(finding.words()));
        return lines;
    }

    /** The same for programs. */
    public String json() {
        ObjectNode root = JsonNodeFactory.instance.objectNode();
        root.put("widthMm", rounded(wrap.goods().sizing().widthMm()));
        root.put("heightMm", rounded(wrap.goods().sizing().heightMm()));
        root.put("diameterMm", wrap.recipe().diameterMm());
        root.put("handleMm", rounded(wrap.cup().handleMm()));
        root.put("facingMm", rounded(wrap.cup().facingMm(wrap.recipe().leftHanded())));
        root.put("seenAtOnceMm", rounded(wrap.cup().widestMm()));
        ArrayNode motifs = root.putArray("motifs");
        for (Motif motif : wrap.motifs()) {
            Envelope box = wrap.box(motif);
            double facing = wrap.cup().facingMm(wrap.recipe().leftHanded());
            motifs.addObject()
                    .put("drawing", motif.drawing())
                    .put("xMm", rounded(motif.xMm()))
                    .put("yMm", rounded(motif.yMm()))
                    .put("widthMm", rounded(box.getWidth()))
                    .put("heightMm", rounded(box.getHeight()))
                    .put(
                            "degrees",
                            rounded(Math.toDegrees(wrap.cup().turn(box.getMinX(), box.getMaxX()))))
                    .put("hiddenShare", rounded(hiddenShare(wrap, motif)))
                    .put("drinkerSees", rounded(drinker(wrap, motif)))
                    .put("seenFromMm", rounded(wrap.cup().seenAt(box.getMinX(), facing)))
                    .put("seenToMm", rounded(wrap.cup().seenAt(box.getMaxX(), facing)))
                    .put("cutOff", wrap.isCutOff(motif));
        }
        Remark.put(findings, root);
        return root.toPrettyString();
    }
}
