package neattrace.job.json;

import static neattrace.json.JsonFields.choice;
import static neattrace.json.JsonFields.finite;
import static neattrace.json.JsonFields.flag;
import static neattrace.json.JsonFields.need;
import static neattrace.json.JsonFields.number;
import static neattrace.json.JsonFields.points;
import static neattrace.json.JsonFields.whole;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import neattrace.geom.Point;
import neattrace.json.DamagedException;
import neattrace.sheet.DecisionRecipe;
import neattrace.sheet.DecisionRecipe.Method;
import neattrace.sheet.DecisionRecipe.Patch;
import neattrace.sheet.FrameRecipe;
import neattrace.sheet.FrameRecipe.Crop;
import neattrace.sheet.LightRecipe;
import neattrace.sheet.Mask;
import neattrace.sheet.PencilRecipe;
import neattrace.sheet.SharpenRecipe;
import neattrace.sheet.SheetRecipe;
import neattrace.sheet.SheetShape;
import neattrace.sheet.SheetStep;
import neattrace.sheet.SpeckRecipe;

/** A sheet recipe as a JSON object. Written field by field, so that it is what is documented. */
public final class SheetJson {

    private SheetJson() {}

    /** Fills an object with a recipe. */
    public static void write(SheetRecipe recipe, ObjectNode node) {
        ArrayNode off = node.putArray("off");
        recipe.off().stream().sorted().forEach(step -> off.add(step.name()));
        FrameRecipe frame = recipe.frame();
        ObjectNode frameNode = node.putObject("frame");
        points(frameNode.putArray("corners"), frame.corners());
        frameNode.put("tiltDegrees", frame.tiltDegrees()).put("enlarge", frame.enlarge());
        frameNode.put("turns", frame.turns()).put("mirrored", frame.mirrored());
        ArrayNode crop = frameNode.putArray("crop");
        frame.crop()
                .ifPresent(
                        cut -> crop.add(cut.x()).add(cut.y()).add(cut.width()).add(cut.height()));
        ArrayNode masks = node.putArray("masks");
        for (Mask mask : recipe.masks()) {
            ObjectNode maskNode = masks.addObject().put("kind", mask.kind().name());
            shape(mask.shape(), maskNode);
        }
        node.putObject("pencil")
                .put("use", recipe.pencil().use().name())
                .put("colour", recipe.pencil().colour().name());
        node.put("negative", recipe.negative());
        node.putObject("light")
                .put("even", recipe.light().even())
                .put("paper", recipe.light().paper())
                .put("ink", recipe.light().ink())
                .put("faint", recipe.light().faint())
                .put("open", recipe.light().open());
        node.putObject("sharpen")
                .put("passes", recipe.sharpen().passes())
                .put("percent", recipe.sharpen().percent())
                .put("radiusMm", recipe.sharpen().radiusMm())
                .put("grainPercent", recipe.sharpen().grainPercent());
        DecisionRecipe decision = recipe.decision();
        ObjectNode decisionNode =
                node.putObject("decision")
                        .put("method", decision.method().name())
                        .put("inkPercent", decision.inkPercent())
                        .put("windowMm", decision.windowMm())
                        .put("k", decision.k());
        ArrayNode patches = decisionNode.putArray("patches");
        for (Patch patch : decision.patches()) {
            shape(patch.shape(), patches.addObject().put("inkPercent", patch.inkPercent()));
        }
        node.put("speckMm", recipe.specks().dustMm());
        node.put("pinholeMm", recipe.specks().pinholeMm());
    }

    private static void shape(SheetShape shape, ObjectNode node) {
        if (shape instanceof SheetShape.Box box) {
            points(node.putArray("box"), List.of(box.from(), box.to()));
        } else if (shape instanceof SheetShape.Polygon polygon) {
            points(node.putArray("polygon"), polygon.corners());
        } else if (shape instanceof SheetShape.Brush brush) {
            points(node.putArray("brush"), brush.line());
            node.put("radius", brush.radius());
        }
    }

    /**
     * Reads a recipe.
     *
     * @throws DamagedException if a field is missing or damaged
     * @throws IllegalArgumentException if a value is out of its range
     */
    public static SheetRecipe read(JsonNode node) throws DamagedException {
        Set<SheetStep> off = EnumSet.noneOf(SheetStep.class);
        for (JsonNode step : need(node, "off")) {
            off.add(choice(step, SheetStep.class));
        }
        List<Mask> masks = new ArrayList<>();
        for (JsonNode mask : need(node, "masks")) {
            masks.add(new Mask(shape(mask), choice(need(mask, "kind"), Mask.Kind.class)));
        }
        JsonNode pencil = need(node, "pencil");
        JsonNode light = need(node, "light");
        JsonNode sharpen = need(node, "sharpen");
        return new SheetRecipe(
                frame(need(node, "frame")),
                masks,
                new PencilRecipe(
                        choice(need(pencil, "use"), PencilRecipe.Use.class),
                        choice(need(pencil, "colour"), PencilRecipe.Colour.class)),
                flag(node, "negative"),
                new LightRecipe(
                        flag(light, "even"),
                        number(light, "paper"),
                        number(light, "ink"),
                        number(light, "faint"),
                        number(light, "open")),
                new SharpenRecipe(
                        whole(sharpen, "passes"),
                        number(sharpen, "percent"),
                        number(sharpen, "radiusMm"),
                        number(sharpen, "grainPercent")),
                decision(need(node, "decision")),
                new SpeckRecipe(number(node, "speckMm"), number(node, "pinholeMm")),
                off);
    }

    private static FrameRecipe frame(JsonNode node) throws DamagedException {
        JsonNode crop = need(node, "crop");
        if (crop.size() != 0 && crop.size() != 4) {
            throw new DamagedException("a crop has four numbers");
        }
        return new FrameRecipe(
                points(need(node, "corners")),
                number(node, "tiltDegrees"),
                crop.isEmpty()
                        ? Optional.empty()
                        : Optional.of(
                                new Crop(
                                        finite(crop.get(0), "crop"),
                                        finite(crop.get(1), "crop"),
                                        finite(crop.get(2), "crop"),
                                        finite(crop.get(3), "crop"))),
                whole(node, "enlarge"),
                whole(node, "turns"),
                flag(node, "mirrored"));
    }

    private static DecisionRecipe decision(JsonNode node) throws DamagedException {
        List<Patch> patches = new ArrayList<>();
        for (JsonNode patch : need(node, "patches")) {
            patches.add(new Patch(shape(patch), number(patch, "inkPercent")));
        }
        return new DecisionRecipe(
                choice(need(node, "method"), Method.class),
                number(node, "inkPercent"),
                number(node, "windowMm"),
                number(node, "k"),
                patches);
    }

    private static SheetShape shape(JsonNode node) throws DamagedException {
        if (node.has("box")) {
            List<Point> corners = points(node.get("box"));
            if (corners.size() != 2) {
                throw new DamagedException("a box has two corners");
            }
            return new SheetShape.Box(corners.get(0), corners.get(1));
        }
        if (node.has("polygon")) {
            return new SheetShape.Polygon(points(node.get("polygon")));
        }
        return new SheetShape.Brush(points(need(node, "brush")), number(node, "radius"));
    }
}
