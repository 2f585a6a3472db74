package bivouac.handover;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.Architectures.layeredArchitecture;

import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;

/** A toolkit knows its language, a language what is meant, and none another one. */
@AnalyzeClasses(packages = "bivouac.handover", importOptions = ImportOption.DoNotIncludeTests.class)
class HandoverRoomsTest {

    @ArchTest
    static final ArchRule ARROWS = layeredArchitecture()
            .consideringOnlyDependenciesInLayers()
            .layer("meaning")
            .definedBy("bivouac.handover.meaning..")
            .layer("script")
            .definedBy("bivouac.handover.script..")
            .layer("braces")
            .definedBy("bivouac.handover.braces..")
            .layer("csharp")
            .definedBy("bivouac.handover.csharp..")
            .layer("forms")
            .definedBy("bivouac.handover.forms..")
            .layer("java")
            .definedBy("bivouac.handover.java..")
            .layer("python")
            .definedBy("bivouac.handover.python..")
            .layer("jvm")
            .definedBy("bivouac.handover.jvm..")
            .layer("javafx")
            .definedBy("bivouac.handover.javafx..")
            .layer("swing")
            .definedBy("bivouac.handover.swing..")
            .layer("tk")
            .definedBy("bivouac.handover.tk..")
            .layer("document")
            .definedBy("bivouac.handover.document..")
            .layer("proof")
            .definedBy("bivouac.handover.proof..")
            .whereLayer("meaning")
            .mayNotAccessAnyLayer()
            .whereLayer("script")
            .mayOnlyAccessLayers("meaning")
            .whereLayer("braces")
            .mayNotAccessAnyLayer()
            .whereLayer("java")
            .mayOnlyAccessLayers("meaning", "script", "braces")
            .whereLayer("csharp")
            .mayOnlyAccessLayers("meaning", "script", "braces")
            .whereLayer("forms")
            .mayOnlyAccessLayers("meaning", "script", "braces", "csharp", "document", "proof")
            .whereLayer("python")
            .mayOnlyAccessLayers("meaning", "script")
            .whereLayer("jvm")
            .mayOnlyAccessLayers("meaning", "script", "braces", "java", "document", "proof")
            .whereLayer("javafx")
            .mayOnlyAccessLayers("braces", "java", "jvm")
            .whereLayer("swing")
            .mayOnlyAccessLayers("braces", "java", "jvm")
            .whereLayer("tk")
            .mayOnlyAccessLayers("meaning", "script", "python", "document", "proof")
            .whereLayer("proof")
            .mayNotAccessAnyLayer();

    /** What a step means is decided before a language hears of it; only how a thing is reached is a word of the design. */
    @ArchTest
    static final ArchRule NO_LANGUAGE_READS_STEPS = noClasses()
            .that()
            .resideInAnyPackage("bivouac.handover.java..", "bivouac.handover.csharp..", "bivouac.handover.python..")
            .should()
            .dependOnClassesThat()
            .haveNameMatching("bivouac\\.design\\.Step\\$(?!Reach|KeptValues).*");
}
