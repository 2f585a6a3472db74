package bivouac;

import static com.tngtech.archunit.library.Architectures.layeredArchitecture;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.domain.JavaClass;
import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;
import com.tngtech.archunit.library.dependencies.SliceAssignment;
import com.tngtech.archunit.library.dependencies.SliceIdentifier;

/** The arrows between the rooms of the core go one way, and the rules do not know each other in rings. */
@AnalyzeClasses(packages = "bivouac", importOptions = ImportOption.DoNotIncludeTests.class)
class RoomsTest {

    @ArchTest
    static final ArchRule ARROWS = layeredArchitecture()
            .consideringOnlyDependenciesInLayers()
            .layer("design")
            .definedBy("bivouac.design..")
            .layer("expression")
            .definedBy("bivouac.expression..")
            .layer("format")
            .definedBy("bivouac.format..")
            .layer("plan")
            .definedBy("bivouac.plan..")
            .layer("state")
            .definedBy("bivouac.state..")
            .layer("machine")
            .definedBy("bivouac.machine..")
            .layer("explore")
            .definedBy("bivouac.explore..")
            .layer("closing")
            .definedBy("bivouac.closing..")
            .layer("rehearsal")
            .definedBy("bivouac.rehearsal..")
            .layer("sentence")
            .definedBy("bivouac.sentence..")
            .layer("check")
            .definedBy("bivouac.check..")
            .layer("compare")
            .definedBy("bivouac.compare..")
            .layer("drawing")
            .definedBy("bivouac.drawing..")
            .layer("overview")
            .definedBy("bivouac.overview..")
            .whereLayer("drawing")
            .mayNotAccessAnyLayer()
            .whereLayer("overview")
            .mayOnlyAccessLayers("design", "plan", "closing", "sentence", "drawing")
            .whereLayer("design")
            .mayNotAccessAnyLayer()
            .whereLayer("expression")
            .mayOnlyAccessLayers("design")
            .whereLayer("format")
            .mayOnlyAccessLayers("design")
            .whereLayer("plan")
            .mayOnlyAccessLayers("design", "expression")
            .whereLayer("state")
            .mayOnlyAccessLayers("design", "expression", "plan")
            .whereLayer("machine")
            .mayOnlyAccessLayers("design", "expression", "plan", "state")
            .whereLayer("explore")
            .mayOnlyAccessLayers("design", "expression", "plan", "state", "machine")
            .whereLayer("closing")
            .mayOnlyAccessLayers("design", "plan")
            .whereLayer("rehearsal")
            .mayOnlyAccessLayers("design", "expression", "plan", "state", "machine", "closing", "drawing")
            .whereLayer("sentence")
            .mayOnlyAccessLayers("design", "expression", "plan")
            .whereLayer("check")
            .mayOnlyAccessLayers("design", "expression", "plan", "machine", "closing", "explore", "rehearsal");

    @ArchTest
    static final ArchRule NO_ROOM_IS_IN_A_RING =
            slices().matching("bivouac.(*)..").should().beFreeOfCycles();

    /** What is known does not look at what is found, nor does a way to put it right; and findings do not look at each other. */
    @ArchTest
    static final ArchRule ROOMS_OF_FINDINGS = layeredArchitecture()
            .consideringOnlyDependenciesInLayers()
            .layer("known")
            .definedBy("bivouac.check.known..")
            .layer("ways")
            .definedBy("bivouac.check.ways..")
            .layer("finding")
            .definedBy("bivouac.check.finding..")
            .layer("as written")
            .definedBy(
                    "bivouac.check.closing..",
                    "bivouac.check.ending..",
                    "bivouac.check.values..",
                    "bivouac.check.texts..",
                    "bivouac.check.steps..")
            .layer("situations")
            .definedBy("bivouac.check.situations..")
            .layer("all")
            .definedBy("bivouac.check")
            .whereLayer("known")
            .mayNotAccessAnyLayer()
            .whereLayer("ways")
            .mayOnlyAccessLayers("known")
            .whereLayer("finding")
            .mayOnlyAccessLayers("known", "ways")
            .whereLayer("as written")
            .mayOnlyAccessLayers("known", "ways", "finding")
            .whereLayer("situations")
            .mayOnlyAccessLayers("known", "ways", "finding");

    /** Each family of rules in a class of its own: what one does never leads back to it by another. */
    @ArchTest
    static final ArchRule NO_RULE_IS_IN_A_RING =
            slices().assignedFrom(new Outermost("bivouac.machine")).should().beFreeOfCycles();

    /** The classes of one room, nested ones with the class that they stand in. */
    private record Outermost(String room) implements SliceAssignment {
        @Override
        public SliceIdentifier getIdentifierOf(JavaClass javaClass) {
            return javaClass.getPackageName().equals(room)
                    ? SliceIdentifier.of(javaClass.getName().replaceAll("\\$.*", ""))
                    : SliceIdentifier.ignore();
        }

        @Override
        public String getDescription() {
            return "the classes of " + room;
        }
    }
}
