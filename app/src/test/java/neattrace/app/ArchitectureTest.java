package neattrace.app;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;
import neattrace.flat.layer.LayerBuilder;
import neattrace.sheet.ink.InkMapper;
import neattrace.trace.Tracer;

/** The layering of docs/architecture.md, seen from the window. */
@AnalyzeClasses(packages = "neattrace.app", importOptions = ImportOption.DoNotIncludeTests.class)
class ArchitectureTest {

    @ArchTest
    static final ArchRule THE_WINDOW_DOES_NOT_KNOW_THE_COMMAND_LINE =
            noClasses()
                    .should()
                    .dependOnClassesThat()
                    .resideInAnyPackage("neattrace.cli..", "picocli..");

    @ArchTest
    static final ArchRule THE_WINDOW_COMPUTES_NOTHING =
            noClasses()
                    .should()
                    .dependOnClassesThat()
                    .resideInAnyPackage(
                            "neattrace.sheet.otsu..",
                            "neattrace.sheet.light..",
                            "neattrace.trace.contour..",
                            "neattrace.trace.fit..",
                            "neattrace.trace.centre..",
                            "neattrace.trace.thin..",
                            "neattrace.trace.weight..",
                            "neattrace.trace.colour..",
                            "neattrace.trace.cross..",
                            "neattrace.region.area..",
                            "neattrace.region.outline..",
                            "neattrace.raster.label..",
                            "neattrace.raster.distance..")
                    .orShould()
                    .dependOnClassesThat()
                    .belongToAnyOf(InkMapper.class, Tracer.class, LayerBuilder.class);

    @ArchTest
    static final ArchRule STATIONS_DO_NOT_KNOW_EACH_OTHER =
            slices().matching("neattrace.app.station.(*)..").should().notDependOnEachOther();
}
