package ablemedic;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.domain.JavaClass;
import com.tngtech.archunit.core.importer.ImportOption.DoNotIncludeTests;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTag;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;
import com.tngtech.archunit.library.dependencies.SliceAssignment;
import com.tngtech.archunit.library.dependencies.SliceIdentifier;

@ArchTag("thorough")
@AnalyzeClasses(packages = "ablemedic", importOptions = DoNotIncludeTests.class)
class ArchitectureTest {
    /** A family is found by its line in {@link Families}; nothing here names one. */
    private static final String[] FAMILIES = Families.ALL.stream()
            .map(family -> family.getClass().getPackageName() + "..")
            .toArray(String[]::new);

    @ArchTest
    static final ArchRule theReasoningKnowsNoTrade = noClasses()
            .that()
            .resideInAPackage("..diagnosis..")
            .should()
            .dependOnClassesThat()
            .resideInAnyPackage(
                    "..craft..",
                    "..configuration..",
                    "..wiring..",
                    "..circuit..",
                    "..physics..",
                    "..family..",
                    "..protocol..",
                    "..capture..",
                    "..handbook..")
            .orShould()
            .dependOnClassesThat()
            .resideInAnyPackage(FAMILIES);

    @ArchTest
    static final ArchRule noFamilyKnowsAnother = slices().assignedFrom(new SliceAssignment() {
                @Override
                public SliceIdentifier getIdentifierOf(JavaClass type) {
                    return Families.ALL.stream()
                            .filter(family -> type.getPackageName()
                                    .startsWith(family.getClass().getPackageName()))
                            .findFirst()
                            .map(family -> SliceIdentifier.of(family.id()))
                            .orElseGet(SliceIdentifier::ignore);
                }

                @Override
                public String getDescription() {
                    return "families";
                }
            })
            .should()
            .notDependOnEachOther();

    @ArchTest
    static final ArchRule oneClassListsThem = noClasses()
            .that()
            .haveNameNotMatching("ablemedic\\.Families")
            .and()
            .resideOutsideOfPackages(FAMILIES)
            .should()
            .dependOnClassesThat()
            .resideInAnyPackage(FAMILIES);

    @ArchTest
    static final ArchRule physicsStandsBelowTheFamilies = noClasses()
            .that()
            .resideInAnyPackage("..physics..", "..configuration..", "..uart..")
            .should()
            .dependOnClassesThat()
            .resideInAnyPackage("..family..", "..diagnosis..")
            .orShould()
            .dependOnClassesThat()
            .resideInAnyPackage(FAMILIES);

    @ArchTest
    static final ArchRule aConfigurationKnowsNoTrade = classes()
            .that()
            .resideInAPackage("..configuration..")
            .should()
            .onlyDependOnClassesThat()
            .resideInAnyPackage("ablemedic.configuration..", "ablemedic.catalogue..", "java..", "org.jspecify..");

    @ArchTest
    static final ArchRule theCraftKnowsNoReasoning = noClasses()
            .that()
            .resideInAPackage("..craft..")
            .should()
            .dependOnClassesThat()
            .resideInAnyPackage("..diagnosis..", "..family..")
            .orShould()
            .dependOnClassesThat()
            .resideInAnyPackage(FAMILIES);

    @ArchTest
    static final ArchRule whatStandsOnAWireKnowsNoCraft = classes()
            .that()
            .resideInAnyPackage("..protocol..", "..capture..")
            .should()
            .onlyDependOnClassesThat()
            .resideInAnyPackage(
                    "ablemedic.protocol..",
                    "ablemedic.capture..",
                    "ablemedic.catalogue..",
                    "java..",
                    "org.jspecify..",
                    "io.dronefleet..",
                    "de.siegmar..",
                    "ch.randelshofer..");

    @ArchTest
    static final ArchRule anExportKnowsNoSettingAndNoCraft = classes()
            .that()
            .resideInAPackage("..export..")
            .should()
            .onlyDependOnClassesThat()
            .resideInAnyPackage(
                    "ablemedic.export..",
                    "ablemedic.protocol..",
                    "ablemedic.catalogue..",
                    "java..",
                    "org.jspecify..",
                    "de.siegmar..",
                    "tools.jackson..");

    @ArchTest
    static final ArchRule theNamesOfAFirmwareKnowNoTrouble = classes()
            .that()
            .resideInAPackage("..firmware..")
            .should()
            .onlyDependOnClassesThat()
            .resideInAnyPackage(
                    "ablemedic.firmware..",
                    "ablemedic.export..",
                    "ablemedic.craft..",
                    "ablemedic.wiring..",
                    "ablemedic.protocol..",
                    "ablemedic.configuration..",
                    "ablemedic.catalogue..",
                    "java..",
                    "org.jspecify..",
                    "de.siegmar..");

    @ArchTest
    static final ArchRule packagesFormNoCircle =
            slices().matching("ablemedic.(*)..").should().beFreeOfCycles();

    @ArchTest
    static final ArchRule theCoreIsPlainJavaButForItsFiles = classes()
            .that()
            .resideInAPackage("ablemedic..")
            .and()
            .resideOutsideOfPackages(
                    "ablemedic.parts..",
                    "ablemedic.protocol..",
                    "ablemedic.capture..",
                    "ablemedic.export..",
                    "ablemedic.firmware..")
            .should()
            .onlyDependOnClassesThat()
            .resideInAnyPackage("ablemedic..", "java..", "org.hipparchus..", "org.jspecify..");
}
