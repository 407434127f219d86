package neattrace.app;

import static com.tngtech.archunit.core.domain.JavaClass.Predicates.belongToAnyOf;
import static com.tngtech.archunit.core.domain.JavaClass.Predicates.resideInAnyPackage;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.domain.JavaClass;
import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;
import java.util.Set;
import neattrace.export.DxfWriter;
import neattrace.export.FileFormat;
import neattrace.export.FilmFiles;
import neattrace.export.GoodsFormat;
import neattrace.export.OneBitWriter;
import neattrace.export.OpenRasterWriter;
import neattrace.export.PdfWriter;
import neattrace.export.PlanPainter;
import neattrace.export.PngWriter;
import neattrace.export.SvgWriter;
import neattrace.flat.exchange.ColourNames;
import neattrace.flat.exchange.PaletteFile;
import neattrace.flat.layer.Attachment;
import neattrace.flat.layer.FlatLayer;
import neattrace.flat.review.AlikeAreas;
import neattrace.flat.review.FlatReview;
import neattrace.flat.rough.RoughFitting;
import neattrace.goods.cloth.ClothPlaces;
import neattrace.goods.cloth.GarmentShape;
import neattrace.goods.wrap.Cup;
import neattrace.goods.wrap.CupPicture;
import neattrace.print.lettering.Lettering;
import neattrace.region.tree.AreaTree;
import neattrace.region.tree.ColourRun;
import neattrace.region.tree.Knife;
import neattrace.region.tree.Neck;
import neattrace.region.tree.Slice;
import neattrace.sheet.SheetFrame;
import neattrace.sheet.ink.InkPreview;
import neattrace.sheet.ink.InkReading;
import neattrace.sheet.review.ScanFitness;
import neattrace.sheet.review.SheetReview;
import neattrace.sheet.review.Tilt;
import neattrace.sheet.speck.SpeckReport;
import neattrace.sheet.sweep.CalmStretch;
import neattrace.sheet.sweep.Change;
import neattrace.sheet.sweep.ThresholdSweep;
import neattrace.sheet.threshold.Levels;
import neattrace.stage.Progress;
import neattrace.trace.InkEdit;
import neattrace.trace.centre.StrokeArt;
import neattrace.trace.mend.LineMender;
import neattrace.trace.mend.PointEditor;
import neattrace.trace.review.WidthTable;

/** The layering of docs/architecture.md, seen from the window. */
@AnalyzeClasses(packages = "neattrace.app", importOptions = ImportOption.DoNotIncludeTests.class)
class ArchitectureTest {

    @ArchTest
    static final ArchRule THE_WINDOW_DOES_NOT_KNOW_THE_COMMAND_LINE =
            noClasses()
                    .should()
                    .dependOnClassesThat()
                    .resideInAnyPackage("neattrace.cli..", "picocli..");

    /** Values, and the entries of what is computed off the window's thread. */
    private static final String[] MAY_BE_USED = {
        "java..",
        "javafx..",
        "atlantafx..",
        "org.locationtech.jts.geom",
        "neattrace.app..",
        "neattrace.files",
        "neattrace.finding",
        "neattrace.gang",
        "neattrace.flat",
        "neattrace.geom",
        "neattrace.goods",
        "neattrace.goods.cut",
        "neattrace.goods.made",
        "neattrace.goods.making",
        "neattrace.goods.nest",
        "neattrace.goods.sheet",
        "neattrace.goods.sticker",
        "neattrace.inspection",
        "neattrace.job",
        "neattrace.job.change",
        "neattrace.job.file",
        "neattrace.job.log",
        "neattrace.job.pipeline",
        "neattrace.job.setting",
        "neattrace.job.sheets",
        "neattrace.plan",
        "neattrace.press",
        "neattrace.press.black",
        "neattrace.press.plate",
        "neattrace.press.rehearsal",
        "neattrace.press.separate",
        "neattrace.press.trap",
        "neattrace.print",
        "neattrace.print.ready",
        "neattrace.proposal",
        "neattrace.raster",
        "neattrace.raster.reading",
        "neattrace.region",
        "neattrace.sheet",
        "neattrace.standin.cutter",
        "neattrace.standin.skerry",
        "neattrace.trace"
    };

    /** Classes of packages that otherwise compute: what came of it, and writers of files. */
    private static final Set<Class<?>> MAY_BE_USED_TOO =
            Set.of(
                    Progress.class,
                    FileFormat.class,
                    FilmFiles.class,
                    GoodsFormat.class,
                    Lettering.class,
                    Lettering.Face.class,
                    DxfWriter.class,
                    OneBitWriter.class,
                    OneBitWriter.Format.class,
                    OpenRasterWriter.class,
                    PdfWriter.class,
                    PlanPainter.class,
                    ClothPlaces.class,
                    GarmentShape.class,
                    CupPicture.class,
                    Cup.class,
                    PngWriter.class,
                    SvgWriter.class,
                    AlikeAreas.class,
                    PaletteFile.class,
                    PaletteFile.Format.class,
                    Attachment.class,
                    FlatLayer.class,
                    RoughFitting.class,
                    RoughFitting.Fitted.class,
                    ColourNames.class,
                    FlatReview.class,
                    ColourRun.class,
                    ColourRun.Target.class,
                    Knife.class,
                    Slice.class,
                    AreaTree.class,
                    Neck.class,
                    CalmStretch.class,
                    ScanFitness.class,
                    SheetFrame.class,
                    InkPreview.class,
                    InkReading.class,
                    SheetReview.class,
                    SpeckReport.class,
                    SpeckReport.Count.class,
                    Levels.class,
                    Change.class,
                    ThresholdSweep.class,
                    Tilt.class,
                    InkEdit.class,
                    LineMender.class,
                    PointEditor.class,
                    PointEditor.Place.class,
                    WidthTable.class,
                    StrokeArt.class);

    @ArchTest
    static final ArchRule THE_WINDOW_COMPUTES_NOTHING =
            classes()
                    .should()
                    .onlyDependOnClassesThat(
                            resideInAnyPackage(MAY_BE_USED)
                                    .or(belongToAnyOf(MAY_BE_USED_TOO.toArray(Class[]::new)))
                                    .or(JavaClass.Predicates.type(byte[].class)));

    @ArchTest
    static final ArchRule STATIONS_DO_NOT_KNOW_EACH_OTHER =
            slices().matching("neattrace.app.station.(*)..").should().notDependOnEachOther();
}
