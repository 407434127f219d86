package neattrace.job.pipeline;

import java.util.List;
import java.util.Map;
import java.util.Set;
import neattrace.flat.Fill;
import neattrace.flat.Form;
import neattrace.flat.Swatch;
import neattrace.flat.layer.Attachment;
import neattrace.flat.layer.FlatLayer;
import neattrace.flat.layer.FormBuilder;
import neattrace.flat.layer.LayerBuilder;
import neattrace.geom.Point;
import neattrace.region.Area;
import neattrace.region.AreaMap;
import neattrace.stage.Made;
import neattrace.stage.Run;
import neattrace.stage.Same;
import neattrace.stage.Stage;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.MultiPolygon;
import org.locationtech.jts.geom.Polygon;

/** From areas to flats. */
final class FlatStages {

    /** Areas and what was decided about them. */
    record Filled(Same<AreaMap> areas, List<Fill> fills, double pxPerMm) {}

    /** Which area has which swatch. */
    static final Stage<Filled, Attachment> ATTACHED =
            new Stage<>(
                    "Laying colours",
                    (on, run) -> LayerBuilder.attach(on.areas().value(), on.fills(), on.pxPerMm()));

    /** Outlines and the swatches of their areas. */
    record Attached(Same<List<MultiPolygon>> outlines, Same<Attachment> attachment) {}

    /** What each swatch covers as it is outlined, mm. */
    static final Stage<Attached, Map<Integer, List<MultiPolygon>>> PIECES =
            new Stage<>(
                    "Laying colours",
                    (on, run) ->
                            LayerBuilder.pieces(on.outlines().value(), on.attachment().value()));

    /** Where forms are laid. */
    record Ground(
            Same<Map<Integer, List<MultiPolygon>>> pieces,
            List<Form> forms,
            Set<Integer> swatches,
            Point fall,
            Same<AreaMap> areas,
            Same<List<MultiPolygon>> outlines,
            double pxPerMm) {}

    /** What each swatch covers with insets, shadows and highlights laid on. */
    static final Stage<Ground, FormBuilder.Formed> FORMED =
            new Stage<>("Laying colours", (on, run) -> form(on));

    /**
     * What flats are united of.
     *
     * @param pieces what each swatch covers
     * @param outlined the same before forms were laid on it
     */
    record Covered(
            Same<Map<Integer, List<MultiPolygon>>> pieces,
            Same<Map<Integer, List<MultiPolygon>>> outlined,
            List<Swatch> swatches) {}

    /** United flats, mm. */
    static final Stage<Covered, List<FlatLayer>> LAYERS =
            new Stage<>("Laying colours", FlatStages::layers);

    private FlatStages() {}

    private static FormBuilder.Formed form(Ground on) {
        if (on.forms().isEmpty()) {
            return new FormBuilder.Formed(on.pieces().value(), List.of());
        }
        AreaMap areas = on.areas().value();
        double mmPerPx = 1 / on.pxPerMm();
        Envelope sheet = new Envelope(0, areas.width() * mmPerPx, 0, areas.height() * mmPerPx);
        return FormBuilder.lay(
                on.pieces().value(),
                on.forms(),
                on.swatches(),
                on.fall(),
                place ->
                        areas.at(place.times(on.pxPerMm()))
                                .filter(area -> !area.outside())
                                .map(area -> ground(area, on)),
                (Polygon) new GeometryFactory().toGeometry(sheet),
                areas.areas().stream()
                        .filter(Area::outside)
                        .findFirst()
                        .map(area -> on.outlines().value().get(area.label())));
    }

    private static FormBuilder.Ground ground(Area area, Ground on) {
        double paper = area.pixels() / (on.pxPerMm() * on.pxPerMm());
        return FormBuilder.Ground.of(on.outlines().value().get(area.label()), paper);
    }

    private static List<FlatLayer> layers(Covered on, Run<Covered, List<FlatLayer>> run) {
        return LayerBuilder.build(
                on.pieces().value(),
                on.outlined().value(),
                on.swatches(),
                run.before().map(Made::output).orElse(List.of()));
    }
}
