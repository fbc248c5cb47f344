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
                    "lexicor.server.casefiles..",
                    "lexicor.server.casehistory..",
                    "lexicor.server.cases..",
                    "lexicor.server.catalogue..",
                    "lexicor.server.deletion..",
                    "lexicor.server.exchange..",
                    "lexicor.server.history..",
                    "lexicor.server.intake..",
                    "lexicor.server.layer..",
                    "lexicor.server.measures..",
                    "lexicor.server.outcomes..",
                    "lexicor.server.people..",
                    "lexicor.server.practice..",
                    "lexicor.server.reports..",
                    "lexicor.server.signin..",
                    "lexicor.server.start..",
                    "lexicor.server.settings..",
                    "lexicor.server.templates..")
            .should()
            .dependOnClassesThat()
            .resideInAnyPackage("jakarta.persistence..", "org.springframework.data..");

    /** Rooms around the spine: what they need of a case they get from it, never from one another but by these few doors. */
    @ArchTest
    static final ArchRule theSpineKnowsNoRoom = noClasses()
            .that()
            .resideInAPackage("lexicor.server.cases")
            .should()
            .dependOnClassesThat()
            .resideInAnyPackage(
                    "lexicor.server.casefiles..",
                    "lexicor.server.casehistory..",
                    "lexicor.server.deletion..",
                    "lexicor.server.demo..",
                    "lexicor.server.exchange..",
                    "lexicor.server.fhir..",
                    "lexicor.server.intake..",
                    "lexicor.server.measures..",
                    "lexicor.server.outcomes..",
                    "lexicor.server.practice..",
                    "lexicor.server.questions..",
                    "lexicor.server.recording..",
                    "lexicor.server.reports..",
                    "lexicor.server.visits..");

    /** Practice and cases never mix: nothing of practice reaches what stores a case, and nothing else reaches practice. */
    @ArchTest
    static final ArchRule practiceReachesNoCase = noClasses()
            .that()
            .resideInAPackage("lexicor.server.practice..")
            .should()
            .dependOnClassesThat()
            .haveNameMatching("lexicor\\.server\\.cases\\.(records\\.\\w+Store|CaseDoor|CaseList|CaseBasis|Opening)");

    @ArchTest
    static final ArchRule nothingReachesPractice = noClasses()
            .that()
            .resideOutsideOfPackages("lexicor.server.practice..", "lexicor.server.demo..")
            .should()
            .dependOnClassesThat()
            .resideInAPackage("lexicor.server.practice..");

    /** What a case is judged by comes with the case: a room that asked for the content in force could mix two of them. */
    @ArchTest
    static final ArchRule roomsTakeTheContentFromTheCase = noClasses()
            .that()
            .resideInAnyPackage(
                    "lexicor.server.casefiles..",
                    "lexicor.server.casehistory..",
                    "lexicor.server.deletion..",
                    "lexicor.server.fhir..",
                    "lexicor.server.intake..",
                    "lexicor.server.measures..",
                    "lexicor.server.questions..",
                    "lexicor.server.recording..",
                    "lexicor.server.reports..",
                    "lexicor.server.standing..",
                    "lexicor.server.visits..")
            .should()
            .dependOnClassesThat()
            .haveFullyQualifiedName("lexicor.server.catalogue.Editions");

    /** Whose time it is comes from one clock. */
    @ArchTest
    static final ArchRule oneClock = noClasses()
            .that()
            .resideOutsideOfPackages("lexicor.server.time..")
            .should()
            .callMethod(java.time.Instant.class, "now")
            .orShould()
            .callMethod(java.time.LocalDate.class, "now");
}
