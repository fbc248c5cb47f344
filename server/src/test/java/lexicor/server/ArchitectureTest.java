package lexicor.server;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.importer.ImportOption.DoNotIncludeTests;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;

/** A package a feature, without circles; the database stays inside the feature that keeps it. */
@AnalyzeClasses(packages = "lexicor.server", importOptions = DoNotIncludeTests.class)
class ArchitectureTest {
    @ArchTest
    static final ArchRule noCircles =
            slices().matching("lexicor.server.(*)..").should().beFreeOfCycles();

    @ArchTest
    static final ArchRule entitiesStayInside = noClasses()
            .that()
            .resideOutsideOfPackages(
                    "lexicor.server.cases..",
                    "lexicor.server.catalogue..",
                    "lexicor.server.exchange..",
                    "lexicor.server.history..",
                    "lexicor.server.layer..",
                    "lexicor.server.people..",
                    "lexicor.server.reports..",
                    "lexicor.server.start..",
                    "lexicor.server.settings..",
                    "lexicor.server.templates..")
            .should()
            .dependOnClassesThat()
            .resideInAnyPackage("jakarta.persistence..", "org.springframework.data..");
}
