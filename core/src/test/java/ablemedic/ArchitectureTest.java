package ablemedic;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.domain.JavaClass;
import com.tngtech.archunit.core.importer.ImportOption.DoNotIncludeTests;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;
import com.tngtech.archunit.library.dependencies.SliceAssignment;
import com.tngtech.archunit.library.dependencies.SliceIdentifier;
import java.util.Set;

@AnalyzeClasses(packages = "ablemedic", importOptions = DoNotIncludeTests.class)
class ArchitectureTest {
    @ArchTest
    static final ArchRule theReasoningKnowsNoTrade = noClasses()
            .that()
            .resideInAPackage("..diagnosis..")
            .should()
            .dependOnClassesThat()
            .resideInAnyPackage(
                    "..craft..",
                    "..told..",
                    "..electrics..",
                    "..circuit..",
                    "..physics..",
                    "..speciality..",
                    "..takeoff..",
                    "..power..",
                    "..serial..",
                    "..wire..",
                    "..capture..",
                    "..handbook..");

    @ArchTest
    static final ArchRule noSpecialityKnowsAnother = slices().assignedFrom(new SliceAssignment() {
                @Override
                public SliceIdentifier getIdentifierOf(JavaClass type) {
                    String place = type.getPackageName()
                            .replaceFirst("^ablemedic\\.?", "")
                            .replaceFirst("\\..*", "");
                    return Set.of("takeoff", "power", "serial", "settings", "radio", "video")
                                    .contains(place)
                            ? SliceIdentifier.of(place)
                            : SliceIdentifier.ignore();
                }

                @Override
                public String getDescription() {
                    return "specialities";
                }
            })
            .should()
            .notDependOnEachOther();

    @ArchTest
    static final ArchRule oneClassListsThem = noClasses()
            .that()
            .haveNameNotMatching("ablemedic\\.Specialities")
            .and()
            .resideOutsideOfPackages(
                    "..takeoff..",
                    "..power..",
                    "..serial..",
                    "ablemedic.settings..",
                    "ablemedic.radio..",
                    "ablemedic.video..")
            .should()
            .dependOnClassesThat()
            .resideInAnyPackage(
                    "..takeoff..",
                    "..power..",
                    "..serial..",
                    "ablemedic.settings..",
                    "ablemedic.radio..",
                    "ablemedic.video..");

    @ArchTest
    static final ArchRule physicsStandsBelowTheSpecialities = noClasses()
            .that()
            .resideInAnyPackage("..physics..", "..told..", "..line..")
            .should()
            .dependOnClassesThat()
            .resideInAnyPackage(
                    "..speciality..",
                    "..takeoff..",
                    "..power..",
                    "..serial..",
                    "ablemedic.settings..",
                    "ablemedic.radio..",
                    "..diagnosis..");

    @ArchTest
    static final ArchRule whatIsToldKnowsNoTrade = classes()
            .that()
            .resideInAPackage("..told..")
            .should()
            .onlyDependOnClassesThat()
            .resideInAnyPackage("ablemedic.configuration..", "java..");

    @ArchTest
    static final ArchRule theCraftKnowsNoReasoning = noClasses()
            .that()
            .resideInAPackage("..craft..")
            .should()
            .dependOnClassesThat()
            .resideInAnyPackage("..diagnosis..", "..takeoff..");

    @ArchTest
    static final ArchRule whatStandsOnAWireKnowsNoCraft = classes()
            .that()
            .resideInAnyPackage("..wire..", "..capture..")
            .should()
            .onlyDependOnClassesThat()
            .resideInAnyPackage(
                    "ablemedic.protocol..",
                    "ablemedic.capture..",
                    "java..",
                    "io.dronefleet..",
                    "de.siegmar..",
                    "ch.randelshofer..");

    @ArchTest
    static final ArchRule aListingKnowsNoSettingAndNoCraft = classes()
            .that()
            .resideInAPackage("..listing..")
            .should()
            .onlyDependOnClassesThat()
            .resideInAnyPackage(
                    "ablemedic.export..", "ablemedic.protocol..", "java..", "de.siegmar..", "tools.jackson..");

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
                    "java..",
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
            .resideInAnyPackage("ablemedic..", "java..", "org.hipparchus..");
}
