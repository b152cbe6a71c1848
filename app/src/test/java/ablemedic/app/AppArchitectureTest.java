package ablemedic.app;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import ablemedic.Families;
import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.core.importer.ImportOption.DoNotIncludeTests;
import com.tngtech.archunit.core.importer.Location;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;

@AnalyzeClasses(
        packages = "ablemedic",
        importOptions = {DoNotIncludeTests.class, AppArchitectureTest.WrittenByHand.class})
class AppArchitectureTest {
    /** Spring writes classes of its own beside ours, by which beans are put together. */
    static final class WrittenByHand implements ImportOption {
        @Override
        public boolean includes(Location location) {
            return !location.contains("__") && !location.contains("$$");
        }
    }

    private static final String[] FAMILIES = Families.ALL.stream()
            .map(family -> family.getClass().getPackageName() + "..")
            .toArray(String[]::new);

    @ArchTest
    static final ArchRule theCoreKnowsNothingOfTheApplication = noClasses()
            .that()
            .resideOutsideOfPackage("ablemedic.app..")
            .should()
            .dependOnClassesThat()
            .resideInAPackage("ablemedic.app..");

    @ArchTest
    static final ArchRule packagesFormNoCircle =
            slices().matching("ablemedic.app.(*)..").should().beFreeOfCycles();

    @ArchTest
    static final ArchRule whatAllShareKnowsNoView = noClasses()
            .that()
            .resideInAnyPackage("ablemedic.app.http..", "ablemedic.app.storage..")
            .should()
            .dependOnClassesThat()
            .resideInAnyPackage(
                    "ablemedic.app.bench..",
                    "ablemedic.app.chart..",
                    "ablemedic.app.workup..",
                    "ablemedic.app.instruments..",
                    "ablemedic.app.repairs..");

    @ArchTest
    static final ArchRule noViewButInstrumentsAndBatteriesKnowsAFamilyByName = noClasses()
            .that()
            .resideInAnyPackage(
                    "ablemedic.app.bench..",
                    "ablemedic.app.chart..",
                    "ablemedic.app.workup..",
                    "ablemedic.app.routine..",
                    "ablemedic.app.repairs..",
                    "ablemedic.app.entry..",
                    "ablemedic.app.handbook..")
            // The serial map is an instrument that edits the chart.
            .and()
            .haveNameNotMatching("ablemedic\\.app\\.chart\\.SerialMapController.*")
            .should()
            .dependOnClassesThat()
            .resideInAnyPackage(FAMILIES);
}
