package ablemedic.settings;

import static org.assertj.core.api.Assertions.assertThat;

import ablemedic.Families;
import ablemedic.craft.Corner;
import ablemedic.craft.Craft;
import ablemedic.craft.DriveSettings;
import ablemedic.craft.FcSettings;
import ablemedic.craft.MotorProtocol;
import ablemedic.diagnosis.Answers.Choices;
import ablemedic.diagnosis.Answers.Outcome;
import ablemedic.diagnosis.Assumptions;
import ablemedic.diagnosis.Book;
import ablemedic.diagnosis.Check;
import ablemedic.diagnosis.Diagnosis;
import ablemedic.diagnosis.Distribution;
import ablemedic.diagnosis.Fault;
import ablemedic.diagnosis.Fix;
import ablemedic.diagnosis.Occasion;
import ablemedic.diagnosis.Proof;
import ablemedic.diagnosis.Reading;
import ablemedic.family.Complaint;
import ablemedic.physics.Drives;
import ablemedic.power.PowerCrafts;
import ablemedic.reading.Meter;
import ablemedic.serial.SerialCrafts;
import ablemedic.simulation.SimulatedTechnician;
import ablemedic.snapshot.ExportAsEvidence;
import ablemedic.testing.CatalogueUse;
import ablemedic.testing.OutsideCheck;
import ablemedic.testing.OutsideCheck.Kind;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

/** Over the whole book of settings and firmware: what every fault, fix and complaint must keep to. */
@Tag("thorough")
class SettingsBookTest {
    static Stream<Craft> crafts() {
        return Stream.of(
                SerialCrafts.shared(),
                SerialCrafts.polled(),
                SerialCrafts.modem(),
                PowerCrafts.stack(),
                PowerCrafts.stack()
                        .with(DriveSettings.PROTOCOL, MotorProtocol.ONESHOT125)
                        .with(DriveSettings.KNOWN, MotorProtocol.DSHOT300));
    }

    private static Book<Craft> book(Craft craft) {
        return SettingsAndFirmware.FAMILY.book(craft, Meter.USUAL);
    }

    private static List<Complaint> complaints(Craft craft) {
        return SettingsAndFirmware.FAMILY.complaints(craft, Meter.USUAL, null);
    }

    /**
     * A fault that nobody could ever notice is none; the fix must take the complaint away, by the check that proves it.
     */
    @ParameterizedTest
    @MethodSource("crafts")
    void everyFaultShowsInSomeCheckAndItsFixesTakeItsComplaintsAway(Craft craft) {
        for (Fault<Craft> fault : book(craft).faults()) {
            Craft faulty = fault.applyTo(craft);
            assertThat(Families.book(craft, Meter.USUAL).checks())
                    .as(fault.id())
                    .anyMatch(check -> !check.outlook(faulty).equals(check.outlook(craft)));
            for (Fix<Craft> fix : fault.fixes(craft)) {
                Craft fixed = fix.applyTo(faulty);
                for (Complaint complaint : complaints(craft)) {
                    for (Check<Craft> proof : complaint.proof()) {
                        if (!fix.id().equals("fall-back") || !proof.id().equals(ablemedic.snapshot.ReadBack.CHECK)) {
                            assertThat(proof.outlook(fixed))
                                    .as(fault.id() + " by " + fix.id() + ", " + proof.id())
                                    .isEqualTo(proof.outlook(craft));
                        }
                    }
                }
            }
        }
    }

    @ParameterizedTest
    @MethodSource("crafts")
    void everyComplaintIsCausedBySeveralFaultsOfTheBookAndNotByASoundCraft(Craft craft) {
        for (Complaint complaint : complaints(craft)) {
            Distribution sound = complaint.seen().outlook(craft);
            assertThat(Families.book(craft, Meter.USUAL).faults().stream().filter(fault -> !complaint
                            .seen()
                            .outlook(fault.applyTo(craft))
                            .equals(sound)))
                    .as(complaint.id())
                    .hasSizeGreaterThan(1);
            complaint.proof().forEach(proof -> assertThat(proof.outlook(craft).likelihood(reading(proof, craft)))
                    .isGreaterThan(0.9));
        }
    }

    private static Reading reading(Check<Craft> proof, Craft craft) {
        Reading best = null;
        for (Outcome outcome : ((Choices) proof.answers()).questions().get(0).outcomes()) {
            Reading one = Reading.Chosen.of(outcome.id());
            if (best == null
                    || proof.outlook(craft).likelihood(one)
                            > proof.outlook(craft).likelihood(best)) {
                best = one;
            }
        }
        return best;
    }

    @ParameterizedTest
    @OutsideCheck(
            kind = Kind.COMMON_PRACTICE,
            source =
                    "Controllers without a digital protocol stutter on it; a faster one than theirs, or one that wants an answer, they do not hear; "
                            + "the second tones say that they hear the board")
    @CsvSource({
        "DSHOT300,DSHOT600,false,false,1",
        "DSHOT600,DSHOT300,false,false,0",
        "DSHOT300,ONESHOT125,false,false,0.6",
        "ONESHOT125,DSHOT600,false,false,1",
        "SHORT_PULSES,PWM,false,false,0",
        "DSHOT300,DSHOT600,true,false,0",
        "DSHOT300,DSHOT600,true,true,1",
        "ONESHOT125,ONESHOT125,true,false,1"
    })
    void whatControllersUnderstand(
            MotorProtocol spoken, MotorProtocol known, boolean twoWay, boolean answers, double share) {
        Craft craft = PowerCrafts.stack()
                .with(DriveSettings.PROTOCOL, spoken)
                .with(DriveSettings.KNOWN, known)
                .with(DriveSettings.TWO_WAY, twoWay)
                .with(DriveSettings.ANSWERS, answers);
        assertThat(Drives.understood(craft)).isEqualTo(share);
        assertThat(Drives.of(craft)).allSatisfy(arm -> {
            assertThat(arm.turns()).isEqualTo(share > 0);
            assertThat(arm.startsLate()).isEqualTo(share == 0.6);
        });
    }

    @Test
    void endsThatWereNeverTaughtMatterWithPulsesOnly() {
        Craft craft = PowerCrafts.stack().with(DriveSettings.ENDS, false);
        assertThat(Drives.at(craft, Corner.FRONT_RIGHT).startsLate()).isFalse();
        assertThat(Drives.at(craft.with(DriveSettings.PROTOCOL, MotorProtocol.PWM), Corner.FRONT_RIGHT)
                        .startsLate())
                .isTrue();
    }

    /** Answers are drawn as people give them, errors included. */
    @ParameterizedTest
    @MethodSource("crafts")
    void aTechnicianWhoFollowsThePlanFindsEveryFault(Craft craft) {
        Diagnosis<Craft> diagnosis = new Diagnosis<>(Families.book(craft, Meter.USUAL), Assumptions.USUAL);
        int walks = 0;
        int solved = 0;
        double checks = 0;
        for (Fault<Craft> fault : book(craft).faults()) {
            Craft faulty = fault.applyTo(craft);
            Complaint complaint = Families.complaints(craft, Meter.USUAL).stream()
                    .filter(one -> !Proof.expected(one.seen(), faulty).equals(Proof.expected(one.seen(), craft)))
                    .findFirst()
                    .orElseThrow(() -> new AssertionError("nobody complains of " + fault.id()));
            SimulatedTechnician.Walk walk = new SimulatedTechnician<>(
                            diagnosis, complaint.seen(), complaint.proof().get(0))
                    .workUp(craft, List.of(fault), Occasion.FLASH, SimulatedTechnician.Habit.PLAN, 7);
            walks++;
            solved += walk.solved() ? 1 : 0;
            checks += walk.checks();
        }
        assertThat(solved).as("of " + walks).isGreaterThanOrEqualTo(walks - 1);
        assertThat(checks / walks).isLessThan(7);
    }

    @Test
    void theCataloguesNameWhatTheBookHasAndNothingElse() {
        new CatalogueUse(
                        SettingsAndFirmware.FAMILY,
                        Stream.concat(crafts(), Stream.of(SerialCrafts.modem().with(FcSettings.COMPASS, true)))
                                .toList())
                .everyFaultItsFixesAndItsPageAreInIt(ExportAsEvidence.KIND)
                .everyCheckItsOutcomesAndItsPageAreInIt()
                .everyComplaintIsInIt();
    }
}
