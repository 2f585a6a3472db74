package bivouac;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.Architectures.layeredArchitecture;

import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.core.importer.Location;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;

/** The arrows between the rooms go only downwards. */
@AnalyzeClasses(
        packages = "bivouac",
        importOptions = {ImportOption.DoNotIncludeTests.class, ArrowsTest.WithoutTestKit.class})
class ArrowsTest {

    /** What the core's tests lend to those here is no part of the rooms. */
    static final class WithoutTestKit implements ImportOption {
        @Override
        public boolean includes(Location location) {
            return !location.contains("-tests.jar");
        }
    }

    @ArchTest
    static final ArchRule ROOMS = layeredArchitecture()
            .consideringOnlyDependenciesInLayers()
            .layer("desktop")
            .definedBy("bivouac.desktop..")
            .layer("cli")
            .definedBy("bivouac.cli..")
            .layer("sentence")
            .definedBy("bivouac.sentence..")
            .layer("compare")
            .definedBy("bivouac.compare..")
            .layer("check")
            .definedBy("bivouac.check..")
            .layer("explore")
            .definedBy("bivouac.explore..")
            .layer("rehearsal")
            .definedBy("bivouac.rehearsal..")
            .layer("machine")
            .definedBy("bivouac.machine..", "bivouac.state..", "bivouac.plan..")
            .layer("format")
            .definedBy("bivouac.format..")
            .layer("expression")
            .definedBy("bivouac.expression..")
            .layer("design")
            .definedBy("bivouac.design..")
            .whereLayer("desktop")
            .mayNotBeAccessedByAnyLayer()
            .whereLayer("cli")
            .mayOnlyBeAccessedByLayers("desktop")
            .whereLayer("sentence")
            .mayOnlyBeAccessedByLayers("desktop")
            .whereLayer("compare")
            .mayOnlyBeAccessedByLayers("desktop", "cli")
            .whereLayer("check")
            .mayOnlyBeAccessedByLayers("desktop", "cli", "compare")
            .whereLayer("explore")
            .mayOnlyBeAccessedByLayers("desktop", "cli", "compare", "check")
            .whereLayer("rehearsal")
            .mayOnlyBeAccessedByLayers("desktop", "cli", "compare", "check")
            .whereLayer("machine")
            .mayOnlyBeAccessedByLayers("desktop", "cli", "sentence", "check", "rehearsal", "explore", "compare")
            .whereLayer("format")
            .mayOnlyBeAccessedByLayers("desktop", "cli")
            .whereLayer("expression")
            .mayOnlyBeAccessedByLayers("desktop", "machine", "rehearsal", "check", "sentence", "explore");

    @ArchTest
    static final ArchRule THE_CORE_KNOWS_NO_INTERFACE = noClasses()
            .that()
            .resideOutsideOfPackage("bivouac.desktop..")
            .should()
            .dependOnClassesThat()
            .resideInAnyPackage("javafx..", "java.awt..", "javax.swing..");

    @ArchTest
    static final ArchRule THE_WORK_HAS_NO_NODES = noClasses()
            .that()
            .resideInAPackage("..desktop.work..")
            .should()
            .dependOnClassesThat()
            .resideInAnyPackage("javafx..");
}
