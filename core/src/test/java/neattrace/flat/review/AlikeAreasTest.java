package neattrace.flat.review;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.BasicStroke;
import java.awt.geom.AffineTransform;
import java.awt.geom.Ellipse2D;
import java.awt.geom.Path2D;
import java.awt.geom.Rectangle2D;
import java.util.List;
import neattrace.geom.Point;
import neattrace.raster.InkMap;
import neattrace.region.Area;
import neattrace.region.AreaMap;
import neattrace.region.CloseSettings;
import neattrace.region.area.AreaFinder;
import neattrace.region.outline.AreaOutliner;
import neattrace.region.tree.AreaTree;
import neattrace.stage.Progress;
import neattrace.testing.DrawnInk;
import org.junit.jupiter.api.Test;

/** A flower of eight petals round a disc, and beside it a square and a bar. */
class AlikeAreasTest {

    private static final InkMap FLOWER =
            DrawnInk.of(
                    700,
                    440,
                    g -> {
                        g.setStroke(new BasicStroke(6));
                        for (int k = 0; k < 8; k++) {
                            AffineTransform turn =
                                    AffineTransform.getRotateInstance(Math.PI * k / 4, 220, 220);
                            g.draw(
                                    turn.createTransformedShape(
                                            new Ellipse2D.Double(290, 195, 120, 50)));
                        }
                        g.draw(new Ellipse2D.Double(180, 180, 80, 80));
                        g.draw(new Rectangle2D.Double(500, 60, 78, 78));
                        g.draw(new Rectangle2D.Double(500, 200, 180, 34));
                        Path2D drop = new Path2D.Double();
                        drop.moveTo(590, 262);
                        drop.curveTo(650, 350, 650, 384, 590, 384);
                        drop.curveTo(530, 384, 530, 350, 590, 262);
                        g.draw(drop);
                        g.draw(new Ellipse2D.Double(420, 300, 92, 84));
                    });

    private static final AreaTree TREE =
            AreaFinder.tree(FLOWER, CloseSettings.automatic(), 10, Progress.SILENT);

    private static final AreaMap AREAS = TREE.at(CloseSettings.automatic());

    private static List<Area> like(double x, double y) {
        AlikeAreas alike =
                new AlikeAreas(
                        AREAS.areas(),
                        AreaOutliner.unite(
                                AreaOutliner.outline(TREE, Progress.SILENT), AREAS, null));
        return alike.like(AREAS.at(new Point(x, y)).orElseThrow());
    }

    @Test
    void allPetalsAreAlikeHoweverTheyAreTurned() {
        List<Area> petals = like(350, 220);
        assertThat(petals).hasSize(8);
        assertThat(petals.get(0)).isEqualTo(AREAS.at(new Point(350, 220)).orElseThrow());
        assertThat(petals).noneMatch(Area::outside);
    }

    @Test
    void aDiscAndASquareAndABarAreNoPetals() {
        assertThat(like(220, 220)).doesNotContainAnyElementsOf(like(350, 220));
        assertThat(like(590, 217)).hasSize(1);
    }

    /** About as large, as long and as compact as a disc, and still no disc. */
    @Test
    void aDropIsNoDisc() {
        assertThat(like(590, 340)).hasSize(1);
        assertThat(like(466, 342)).contains(AREAS.at(new Point(220, 220)).orElseThrow());
    }
}
