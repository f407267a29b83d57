package vantbreeze.core;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.Architectures.layeredArchitecture;

import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;

/** The core's rooms and which may know of which. */
@AnalyzeClasses(packages = "vantbreeze.core", importOptions = ImportOption.DoNotIncludeTests.class)
class RoomsTest {

    @ArchTest
    static final ArchRule DOORS = layeredArchitecture()
            .consideringOnlyDependenciesInLayers()
            .layer("length")
            .definedBy("..core.length..")
            .layer("paper")
            .definedBy("..core.paper..")
            .layer("tool")
            .definedBy("..core.tool..")
            .layer("outline")
            .definedBy("..core.outline..")
            .layer("fold")
            .definedBy("..core.fold..")
            .layer("structure")
            .definedBy("..core.structure..")
            .layer("layer")
            .definedBy("..core.layer..")
            .layer("free")
            .definedBy("..core.free..")
            .layer("fit")
            .definedBy("..core.fit..")
            .layer("check")
            .definedBy("..core.check..")
            .layer("plan")
            .definedBy("..core.plan..")
            .layer("hand")
            .definedBy("..core.hand..")
            .layer("recipe")
            .definedBy("..core.recipe..")
            .layer("edit")
            .definedBy("..core.edit..")
            .whereLayer("length")
            .mayNotAccessAnyLayer()
            .whereLayer("paper")
            .mayOnlyAccessLayers("length")
            .whereLayer("tool")
            .mayOnlyAccessLayers("length")
            .whereLayer("outline")
            .mayNotAccessAnyLayer()
            .whereLayer("fold")
            .mayOnlyAccessLayers("length", "paper")
            .whereLayer("structure")
            .mayOnlyAccessLayers("length", "paper", "outline", "fold")
            .whereLayer("fit")
            .mayOnlyAccessLayers("length", "paper", "tool", "fold", "structure")
            .whereLayer("check")
            .mayOnlyAccessLayers("length", "paper", "fold", "structure", "fit")
            .whereLayer("layer")
            .mayOnlyAccessLayers("length", "paper", "fold")
            .whereLayer("free")
            .mayOnlyAccessLayers("length", "paper", "fold", "structure")
            .whereLayer("plan")
            .mayOnlyBeAccessedByLayers("hand", "recipe", "edit")
            .whereLayer("hand")
            .mayOnlyBeAccessedByLayers("edit")
            .whereLayer("edit")
            .mayNotBeAccessedByAnyLayer()
            .whereLayer("recipe")
            .mayNotBeAccessedByAnyLayer();

    @ArchTest
    static final ArchRule NOTHING_OF_THE_WEB_OR_OF_STORAGE = classes()
            .should()
            .onlyDependOnClassesThat()
            .resideInAnyPackage(
                    "java..", "vantbreeze.core..", "org.locationtech.jts..", "org.ejml..", "org.apache.batik.parser..");

    @ArchTest
    static final ArchRule NO_FILES_AND_NO_NETWORK = noClasses()
            .should()
            .dependOnClassesThat()
            .resideInAnyPackage("java.net..", "java.nio.file..", "java.sql..");
}
