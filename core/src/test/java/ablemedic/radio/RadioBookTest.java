package ablemedic.radio;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import ablemedic.Families;
import ablemedic.craft.Craft;
import ablemedic.craft.FailsafeSettings;
import ablemedic.craft.FailsafeSettings.AfterGuardTime;
import ablemedic.craft.LinkSettings;
import ablemedic.craft.ReceiverSettings;
import ablemedic.craft.ReceiverSettings.WhenLost;
import ablemedic.diagnosis.Assumptions;
import ablemedic.diagnosis.Book;
import ablemedic.diagnosis.Diagnosis;
import ablemedic.diagnosis.Distribution;
import ablemedic.diagnosis.Fault;
import ablemedic.diagnosis.Fix;
import ablemedic.diagnosis.Occasion;
import ablemedic.diagnosis.Reading.Chosen;
import ablemedic.family.Complaint;
import ablemedic.physics.FreeSpace;
import ablemedic.power.PowerCrafts;
import ablemedic.radio.FailsafeTimeline.End;
import ablemedic.radio.LostLink.Moment;
import ablemedic.radio.RadioOff.Does;
import ablemedic.reading.Meter;
import ablemedic.serial.SerialCrafts;
import ablemedic.simulation.SimulatedTechnician;
import ablemedic.testing.CatalogueUse;
import ablemedic.testing.OutsideCheck;
import ablemedic.testing.OutsideCheck.Kind;
import java.util.Comparator;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

/** Over the whole book of radio and failsafe: what every fault, fix and complaint must keep to. */
@Tag("thorough")
class RadioBookTest {
    static Stream<Craft> crafts() {
        return Stream.of(
                SerialCrafts.shared(),
                SerialCrafts.shared().with(FailsafeSettings.STAGE_2, AfterGuardTime.RETURN_HOME),
                SerialCrafts.polled().with(FailsafeSettings.STAGE_2, AfterGuardTime.LAND),
                SerialCrafts.modem(),
                PowerCrafts.stack());
    }

    private static Book<Craft> book(Craft craft) {
        return Radio.FAMILY.book(craft, Meter.USUAL);
    }

    private static List<Complaint> complaints(Craft craft) {
        return Radio.FAMILY.complaints(craft, Meter.USUAL, null);
    }

    @ParameterizedTest
    @MethodSource("crafts")
    void everyFaultShowsInSomeCheckAndItsFixesTakeItsComplaintsAway(Craft craft) {
        assertThat(book(craft).faults()).hasSizeGreaterThan(20);
        for (Fault<Craft> fault : book(craft).faults()) {
            Craft faulty = fault.applyTo(craft);
            assertThat(book(craft).checks()).as(fault.id()).anyMatch(check -> !check.outlook(faulty)
                    .equals(check.outlook(craft)));
            assertThat(complaints(craft)).as("a complaint of " + fault.id()).anyMatch(one -> !one.seen()
                    .outlook(faulty)
                    .equals(one.seen().outlook(craft)));
            for (Fix<Craft> fix : fault.fixes(craft)) {
                Craft fixed = fix.applyTo(faulty);
                for (Complaint complaint : complaints(craft)) {
                    assertThat(complaint.seen().outlook(fixed))
                            .as(fault.id() + " by " + fix.id() + ", " + complaint.id())
                            .isEqualTo(complaint.seen().outlook(craft));
                    complaint.proof().forEach(proof -> assertThat(proof.outlook(fixed))
                            .as(fault.id() + " by " + fix.id() + ", " + proof.id())
                            .isEqualTo(proof.outlook(craft)));
                }
            }
        }
    }

    @ParameterizedTest
    @MethodSource("crafts")
    void everyComplaintIsCausedBySeveralFaultsAndASoundCraftGivesNoneOfThem(Craft craft) {
        for (Complaint complaint : complaints(craft)) {
            Distribution sound = complaint.seen().outlook(craft);
            assertThat(Families.book(craft, Meter.USUAL).faults().stream().filter(fault -> !complaint
                            .seen()
                            .outlook(fault.applyTo(craft))
                            .equals(sound)))
                    .as(complaint.id())
                    .hasSizeGreaterThan(1);
            assertThat(complaint.amiss().orElseThrow().outlook(craft).likelihood(Chosen.of(Complaint.TRUE)))
                    .as(complaint.id())
                    .isLessThan(0.25);
        }
    }

    /** What the bench shows and how a flight ends come of one chain, told by two pieces of code. */
    @Test
    void whatTheMotorsDoAtTheBenchGoesWithHowAFlightEnds() {
        Craft any = PowerCrafts.stack();
        for (WhenLost lost : WhenLost.values()) {
            for (AfterGuardTime stage : AfterGuardTime.values()) {
                for (boolean armed : new boolean[] {false, true}) {
                    for (double throttle : new double[] {0, 20, 90}) {
                        Craft craft = any.with(ReceiverSettings.WHEN_LOST, lost)
                                .with(FailsafeSettings.STAGE_2, stage)
                                .with(ReceiverSettings.PRESET_ARM, armed)
                                .with(ReceiverSettings.PRESET_THROTTLE, throttle);
                        RadioOff bench = RadioOff.of(craft);
                        FailsafeTimeline flight =
                                FailsafeTimeline.of(craft.airframe(), LostLink.of(craft, Moment.usual(false)));
                        List<End> fits =
                                switch (bench.does()) {
                                    case STOP, IDLE -> List.of(End.FALLS);
                                    case BRIEF, LAND -> List.of(End.LANDS, End.CLIMBS);
                                    case ON -> List.of(End.FLIES_ON);
                                };
                        assertThat(flight.end())
                                .as(craft.configuration().said(ReceiverSettings.WHEN_LOST) + ", " + stage + ", "
                                        + bench)
                                .isIn(fits);
                        if (bench.does() != Does.ON) {
                            assertThat(flight.events())
                                    .anyMatch(event -> Math.abs(event.atS() - bench.afterS()) < 1e-9);
                        }
                    }
                }
            }
        }
    }

    /** 20 lg 0.01 + 20 lg 2440 + 32.44 = -40 + 67.75 + 32.44, worked by hand. */
    @Test
    @OutsideCheck(
            kind = Kind.PUBLISHED,
            source = "Rec. ITU-R P.525: free-space loss is 32.44 + 20 lg f + 20 lg d dB with MHz and km")
    void lossInTheOpenIsThatOfThePublishedFormula() {
        assertThat(FreeSpace.lossDb(10, 2440)).isCloseTo(60.19, within(0.01));
        assertThat(FreeSpace.lossDb(1000, 100)).isCloseTo(72.44, within(1e-9));
        // The same from wavelengths: (4 pi d / lambda) squared.
        assertThat(FreeSpace.lossDb(250, 868))
                .isCloseTo(20 * Math.log10(4 * Math.PI * 250 * 868e6 / 299_792_458.0), within(0.02));
        assertThat(FreeSpace.heardDbm(100, 10, 2440)).isCloseTo(20 + 4.3 - 60.19, within(0.01));
    }

    @ParameterizedTest
    @OutsideCheck(
            kind = Kind.PUBLISHED,
            source = "Field strength falls with distance: twice as far is 6.02 dB, ten times 20 dB")
    @CsvSource({"0,1", "6.0206,0.5", "20,0.1", "40,0.01"})
    void reachFollowsFromWhatIsLost(double loss, double share) {
        assertThat(FreeSpace.reach(loss)).isCloseTo(share, within(1e-4));
    }

    @Test
    void aReceiverHearsNothingOfARadioOfAnotherGenerationOrModelOrRightBesideIt() {
        Craft craft = SerialCrafts.shared();
        RadioChain chain = RadioChain.of(craft);
        assertThat(chain.isHeard(craft)).isTrue();
        assertThat(Stream.of(
                        craft.with(LinkSettings.RADIO_GENERATION, 2),
                        craft.with(LinkSettings.MODEL, false),
                        craft.with(LinkSettings.PROTOCOL, false),
                        craft.with(LinkSettings.BESIDE, true)))
                .noneMatch(chain::isHeard);
        assertThat(chain.isHeard(
                        craft.with(LinkSettings.RADIO_GENERATION, 2).with(LinkSettings.RECEIVER_GENERATION, 2)))
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
            Complaint complaint = complaints(craft).stream()
                    .max(Comparator.comparingDouble(
                            one -> one.amiss().orElseThrow().outlook(faulty).likelihood(Chosen.of(Complaint.TRUE))))
                    .orElseThrow();
            SimulatedTechnician.Walk walk = new SimulatedTechnician<>(
                            diagnosis, complaint.seen(), complaint.proof().get(0))
                    .workUp(craft, List.of(fault), Occasion.BUILD, SimulatedTechnician.Habit.PLAN, 7);
            walks++;
            solved += walk.solved() ? 1 : 0;
            checks += walk.checks();
        }
        assertThat(solved).as("of " + walks).isGreaterThanOrEqualTo(walks - 1);
        assertThat(checks / walks).isLessThan(7);
    }

    @Test
    void theCataloguesNameWhatTheBookHasAndNothingElse() {
        new CatalogueUse(Radio.FAMILY, crafts().toList())
                .everyFaultItsFixesAndItsPageAreInIt()
                .everyCheckItsOutcomesAndItsPageAreInIt()
                .everyComplaintIsInIt();
    }
}
