package neattrace;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;

/** The layering of docs/architecture.md. */
@AnalyzeClasses(packages = "neattrace", importOptions = ImportOption.DoNotIncludeTests.class)
class ArchitectureTest {

    @ArchTest
    static final ArchRule NO_WINDOWS_AND_NO_COMMAND_LINE =
            noClasses()
                    .should()
                    .dependOnClassesThat()
                    .resideInAnyPackage(
                            "javafx..",
                            "javax.swing..",
                            "picocli..",
                            "neattrace.app..",
                            "neattrace.cli..",
                            "java.awt.event..",
                            "java.awt.dnd..");

    @ArchTest
    static final ArchRule NO_AWT_COMPONENTS =
            noClasses().should().dependOnClassesThat().areAssignableTo("java.awt.Component");

    @ArchTest
    static final ArchRule PACKAGES_FORM_NO_CYCLES =
            slices().matching("neattrace.(**)").should().beFreeOfCycles();

    @ArchTest
    static final ArchRule STEPS_DO_NOT_KNOW_JOBS =
            noClasses()
                    .that()
                    .resideInAnyPackage(
                            "neattrace.geom..",
                            "neattrace.raster..",
                            "neattrace.sheet..",
                            "neattrace.trace..",
                            "neattrace.region..",
                            "neattrace.flat..",
                            "neattrace.press..")
                    .should()
                    .dependOnClassesThat()
                    .resideInAnyPackage(
                            "neattrace.job..", "neattrace.export..", "neattrace.print..");

    @ArchTest
    static final ArchRule VALUES_ARE_FINAL =
            classes()
                    .that()
                    .areNotInterfaces()
                    .and()
                    .areNotEnums()
                    .and()
                    .areNotAnonymousClasses()
                    .should()
                    .haveModifier(com.tngtech.archunit.core.domain.JavaModifier.FINAL);
}
