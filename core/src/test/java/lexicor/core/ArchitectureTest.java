package lexicor.core;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.Architectures.layeredArchitecture;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.importer.ImportOption.DoNotIncludeTests;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;

/** The arrows between the core's packages point one way, and none leaves for the web, Spring or a database. */
@AnalyzeClasses(packages = "lexicor.core", importOptions = DoNotIncludeTests.class)
class ArchitectureTest {
    @ArchTest
    static final ArchRule nothingImportsUpward = layeredArchitecture()
            .consideringOnlyDependenciesInLayers()
            .layer("document")
            .definedBy("lexicor.core.document")
            .layer("catalogue")
            .definedBy("lexicor.core.catalogue")
            .layer("published")
            .definedBy("lexicor.core.catalogue.published")
            .layer("packs")
            .definedBy("lexicor.core.catalogue.packs")
            .layer("examination")
            .definedBy("lexicor.core.examination")
            .layer("pads")
            .definedBy("lexicor.core.examination.pads")
            .layer("evidence")
            .definedBy("lexicor.core.evidence")
            .layer("weighing")
            .definedBy("lexicor.core.weighing")
            .layer("input")
            .definedBy("lexicor.core.weighing.input")
            .layer("model")
            .definedBy("lexicor.core.weighing.model")
            .layer("listed")
            .definedBy("lexicor.core.weighing.listed")
            .layer("textbook")
            .definedBy("lexicor.core.textbook")
            .layer("explain")
            .definedBy("lexicor.core.weighing.explain")
            .layer("advice")
            .definedBy("lexicor.core.weighing.advice")
            .layer("numbers")
            .definedBy("lexicor.core.numbers")
            .layer("weighfile")
            .definedBy("lexicor.core.weighfile")
            .layer("measuring")
            .definedBy("lexicor.core.measuring")
            .layer("planning")
            .definedBy("lexicor.core.planning")
            .layer("outcomes")
            .definedBy("lexicor.core.outcomes..")
            .layer("practice")
            .definedBy("lexicor.core.practice..")
            .layer("simulated")
            .definedBy("lexicor.core.catalogue.simulated")
            .layer("honesty")
            .definedBy("lexicor.core.honesty")
            .whereLayer("textbook")
            .mayNotBeAccessedByAnyLayer()
            .whereLayer("listed")
            .mayOnlyBeAccessedByLayers("textbook", "practice", "planning")
            .whereLayer("honesty")
            .mayNotBeAccessedByAnyLayer()
            .whereLayer("weighfile")
            .mayNotBeAccessedByAnyLayer()
            .whereLayer("packs")
            .mayOnlyBeAccessedByLayers("weighfile")
            .whereLayer("pads")
            .mayNotBeAccessedByAnyLayer()
            .whereLayer("explain")
            .mayOnlyBeAccessedByLayers("practice")
            .whereLayer("advice")
            .mayOnlyBeAccessedByLayers("planning", "practice")
            .whereLayer("model")
            .mayOnlyBeAccessedByLayers("listed", "textbook", "input", "weighing", "explain", "advice", "weighfile")
            .whereLayer("input")
            .mayOnlyBeAccessedByLayers(
                    "listed",
                    "textbook",
                    "weighing",
                    "explain",
                    "advice",
                    "weighfile",
                    "practice",
                    "planning",
                    "honesty")
            .whereLayer("weighing")
            .mayOnlyBeAccessedByLayers(
                    "listed",
                    "textbook",
                    "explain",
                    "advice",
                    "weighfile",
                    "practice",
                    "planning",
                    "outcomes",
                    "honesty")
            .whereLayer("evidence")
            .mayOnlyBeAccessedByLayers(
                    "listed",
                    "textbook",
                    "model",
                    "input",
                    "explain",
                    "advice",
                    "weighing",
                    "weighfile",
                    "measuring",
                    "outcomes",
                    "planning",
                    "practice",
                    "honesty")
            .whereLayer("examination")
            .mayOnlyBeAccessedByLayers(
                    "listed",
                    "textbook",
                    "pads",
                    "input",
                    "weighing",
                    "weighfile",
                    "planning",
                    "measuring",
                    "outcomes",
                    "practice",
                    "honesty")
            .whereLayer("catalogue")
            .mayOnlyBeAccessedByLayers(
                    "listed",
                    "textbook",
                    "packs",
                    "examination",
                    "pads",
                    "evidence",
                    "model",
                    "input",
                    "explain",
                    "weighing",
                    "weighfile",
                    "planning",
                    "measuring",
                    "outcomes",
                    "practice",
                    "honesty")
            .whereLayer("outcomes")
            .mayNotBeAccessedByAnyLayer()
            .whereLayer("simulated")
            .mayOnlyBeAccessedByLayers("catalogue", "packs", "practice")
            .whereLayer("practice")
            .mayNotBeAccessedByAnyLayer()
            .whereLayer("published")
            .mayOnlyBeAccessedByLayers(
                    "listed",
                    "textbook",
                    "catalogue",
                    "packs",
                    "evidence",
                    "model",
                    "input",
                    "explain",
                    "weighing",
                    "weighfile",
                    "examination",
                    "practice",
                    "planning",
                    "outcomes");

    @ArchTest
    static final ArchRule noCircles =
            slices().matching("lexicor.core.(**)").should().beFreeOfCycles();

    @ArchTest
    static final ArchRule noInterface = noClasses()
            .should()
            .dependOnClassesThat()
            .resideInAnyPackage(
                    "org.springframework..", "jakarta..", "java.sql..", "java.net.http..", "org.hibernate..");
}
