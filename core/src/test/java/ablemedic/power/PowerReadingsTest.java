package ablemedic.power;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import ablemedic.Families;
import ablemedic.craft.Craft;
import ablemedic.diagnosis.Assumptions;
import ablemedic.diagnosis.Book;
import ablemedic.diagnosis.Case;
import ablemedic.diagnosis.Check;
import ablemedic.diagnosis.Diagnosis;
import ablemedic.diagnosis.Distribution;
import ablemedic.diagnosis.Fault;
import ablemedic.diagnosis.FixedWord;
import ablemedic.diagnosis.Gaussian;
import ablemedic.diagnosis.Mixture;
import ablemedic.diagnosis.Occasion;
import ablemedic.diagnosis.Proof;
import ablemedic.diagnosis.Reading.Chosen;
import ablemedic.diagnosis.Reading.Measured;
import ablemedic.diagnosis.Sureness;
import ablemedic.diagnosis.Suspect;
import ablemedic.family.Cleared;
import ablemedic.family.Complaint;
import ablemedic.family.SomethingElse;
import ablemedic.physics.BatteryOut;
import ablemedic.physics.Powered;
import ablemedic.reading.Meter;
import ablemedic.simulation.SimulatedTechnician;
import ablemedic.wiring.CopperDefect;
import ablemedic.wiring.Wiring;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** What readings say of the wiring: what they clear, and how sure they are. */
class PowerReadingsTest {
    @ParameterizedTest
    @MethodSource("ablemedic.power.PowerBookTest#crafts")
    void aTechnicianWhoFollowsThePlanFindsFaultsOfEverySort(Craft craft) {
        Diagnosis<Craft> diagnosis = new Diagnosis<>(Families.book(craft, Meter.USUAL), Assumptions.USUAL);
        List<Complaint> complaints = Families.complaints(craft, Meter.USUAL);
        int walks = 0;
        int solved = 0;
        double checks = 0;
        List<Fault<Craft>> faults = PowerBookTest.book(craft).faults();
        for (int i = 3; i < faults.size(); i += 31) {
            Fault<Craft> fault = faults.get(i);
            Craft faulty = fault.applyTo(craft);
            var complaint = complaints.stream()
                    .filter(c -> !Proof.expected(c.seen(), faulty).equals(Proof.expected(c.seen(), craft)))
                    .findFirst();
            if (complaint.isEmpty()) {
                continue;
            }
            var walk = new SimulatedTechnician<>(
                            diagnosis,
                            complaint.get().seen(),
                            complaint.get().proof().get(0))
                    .workUp(craft, List.of(fault), Occasion.CRASH, SimulatedTechnician.Habit.PLAN, 7);
            walks++;
            solved += walk.solved() ? 1 : 0;
            checks += walk.checks();
        }
        assertThat(walks).isGreaterThanOrEqualTo(5);
        assertThat(solved).as("of " + walks).isGreaterThanOrEqualTo(walks - 1);
        assertThat(checks / walks).isLessThan(9);
    }

    @Test
    void aReadingNamesWhatItClears() {
        Craft craft = PowerCrafts.separate();
        Probe probe =
                (Probe) PowerBookTest.book(craft).check("ohms~PB.1+~CFR.+").orElseThrow();
        List<Wiring.Link> cleared = Cleared.by(craft, probe, new ablemedic.diagnosis.Reading.Measured(0.3));
        assertThat(cleared)
                .extracting(Wiring.Link::id)
                .containsExactly("PB.1+>CFR.+#1", "PB.1+>CFR.+", "PB.1+>CFR.+#2");
        assertThat(Cleared.by(craft, probe, ablemedic.diagnosis.Reading.Chosen.of(Probe.OVER)))
                .isEmpty();
    }

    @Test
    void whatShouldBeReadHereNamesTheFaultsThatChangeIt() {
        Craft craft = PowerCrafts.separate();
        Wiring wiring = craft.electrics().wiring();
        ReadHere.Answer answer =
                ReadHere.of(craft, Probe.Mode.OHMS, wiring.node("FC.S2"), wiring.node("CFR.S"), Meter.USUAL);
        assertThat(answer.sound()).isInstanceOf(Gaussian.class);
        assertThat(((Gaussian) answer.sound()).mean()).isCloseTo(0.3, within(0.1));
        assertThat(answer.under()).anySatisfy(u -> {
            assertThat(u.reading()).isInstanceOf(FixedWord.class);
            assertThat(u.faults())
                    .contains(PowerBookTest.book(craft)
                            .fault("open-FC_S2_CFR_S_1")
                            .orElseThrow()
                            .describe(craft)
                            .plain())
                    .hasSize(3);
        });
    }

    @Test
    void whatIsSaidOfSomethingElseSpeaksForNothing() {
        Craft craft = PowerCrafts.stack();
        Complaint other = Families.complaints(craft, Meter.USUAL).stream()
                .filter(c -> c.id().equals(SomethingElse.ID))
                .findFirst()
                .orElseThrow();
        Diagnosis<Craft> diagnosis = new Diagnosis<>(Families.book(craft, Meter.USUAL), Assumptions.USUAL);
        Case<Craft> known = new Case<>(craft, Occasion.CRASH, List.of(), List.of());
        List<Suspect<Craft>> before = diagnosis.posterior(known).suspects();
        List<Suspect<Craft>> after = diagnosis
                .posterior(known.with(other.seen(), Chosen.of("warm"), Sureness.SURE))
                .suspects();
        assertThat(after.subList(0, 5))
                .extracting(Suspect::remedy)
                .containsExactlyElementsOf(
                        before.subList(0, 5).stream().map(Suspect::remedy).toList());
    }

    /**
     * A rail and the battery are known; what guessed currents leave is not, and a pad that only a pull-down holds may
     * float.
     */
    @Test
    void aVoltageIsAsUncertainAsWhatItRestsOn() {
        Craft craft = PowerCrafts.separate();
        Book<Craft> book = Families.book(craft, Meter.USUAL);
        Distribution rail = book.check("volts~FC.3V3~PLUG.-").orElseThrow().outlook(craft);
        assertThat(rail).isInstanceOfSatisfying(Gaussian.class, spread -> assertThat(spread.spread())
                .isLessThan(0.08));
        Distribution battery = book.check("volts~PLUG.+~PLUG.-").orElseThrow().outlook(craft);
        assertThat(battery).isInstanceOfSatisfying(Gaussian.class, spread -> assertThat(spread.spread() / spread.mean())
                .isBetween(0.034, 0.045));
        Craft shorted = craft.withElectrics(craft.electrics().with(new PowerDefect.DriveShort("CFR.+", 0.4)));
        Distribution sagged = book.check("volts~PLUG.+~PLUG.-").orElseThrow().outlook(shorted);
        assertThat(sagged)
                .as("by how much a short drags the pack down is a guess")
                .isInstanceOfSatisfying(Gaussian.class, spread -> assertThat(spread.spread() / spread.mean())
                        .isGreaterThan(0.39));
        Check<Craft> pulled = book.check("volts~VTX.+~CRL.S").orElseThrow();
        Craft open = craft.withElectrics(craft.electrics().with(new CopperDefect.Open("FC.S3>CRL.S")));
        assertThat(Proof.asExpected(pulled, new Measured(0), open))
                .as("nothing holds the pad")
                .isTrue();
        double hanging = Powered.onBench(open.electrics())
                .between(((Probe) pulled).red().node(), ((Probe) pulled).black().node());
        assertThat(hanging).as("or its pull-down does").isGreaterThan(10);
        assertThat(Proof.asExpected(pulled, new Measured(hanging), open)).isTrue();
        assertThat(Proof.asExpected(pulled, new Measured(hanging / 2), open)).isFalse();
    }

    @Test
    void whatRestsOnAGuessIsUncertainAndContinuityIsNot() {
        Craft craft = PowerCrafts.separate();
        Probe guessed = (Probe)
                Families.book(craft, Meter.USUAL).check("ohms~PB.5V~FC.S3").orElseThrow();
        Distribution outlook = guessed.outlook(craft);
        assertThat(outlook).isInstanceOf(Mixture.class);
        double modelled = BatteryOut.of(craft.electrics(), Meter.USUAL)
                .ohms(guessed.red().node(), guessed.black().node());
        // A board that lets through a fifth as much, or lacks the pull-down altogether, is as good a craft.
        for (var reading : List.of(new Measured(modelled), new Measured(5 * modelled), Chosen.of("ol"))) {
            assertThat(Proof.asExpected(guessed, reading, craft))
                    .as(reading.toString())
                    .isTrue();
        }
        for (double ohms : new double[] {0, 0.4, 3, 10}) {
            assertThat(Proof.asExpected(guessed, new Measured(ohms), craft))
                    .as("a short of %s ohm", ohms)
                    .isFalse();
        }
        Craft open = craft.withElectrics(craft.electrics().with(new CopperDefect.Open("FC.S3>CRL.S")));
        assertThat(guessed.outlook(open).likelihood(Chosen.of("ol")) / outlook.likelihood(Chosen.of("ol")))
                .as("a missing pull-down is no proof of an open lead")
                .isLessThan(5);
        Probe copper = (Probe)
                Families.book(craft, Meter.USUAL).check("ohms~PLUG.+~PB.IN+").orElseThrow();
        assertThat(copper.outlook(craft)).isInstanceOf(Gaussian.class);
    }
}
