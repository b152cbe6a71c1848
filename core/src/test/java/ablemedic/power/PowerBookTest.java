package ablemedic.power;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import ablemedic.Families;
import ablemedic.craft.Craft;
import ablemedic.diagnosis.Assumptions;
import ablemedic.diagnosis.Book;
import ablemedic.diagnosis.Case;
import ablemedic.diagnosis.Categorical;
import ablemedic.diagnosis.Check;
import ablemedic.diagnosis.Diagnosis;
import ablemedic.diagnosis.Distribution;
import ablemedic.diagnosis.Fault;
import ablemedic.diagnosis.Fix;
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
import ablemedic.family.PrePowerConvention;
import ablemedic.family.SomethingElse;
import ablemedic.physics.BatteryOut;
import ablemedic.physics.Drives;
import ablemedic.physics.Powered;
import ablemedic.reading.Meter;
import ablemedic.simulation.SimulatedTechnician;
import ablemedic.testing.CatalogueUse;
import ablemedic.wiring.CopperDefect;
import ablemedic.wiring.ElectricSheet;
import ablemedic.wiring.Electrics;
import ablemedic.wiring.Part;
import ablemedic.wiring.Wiring;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

@Tag("thorough")
class PowerBookTest {
    static Stream<Craft> crafts() {
        return Stream.of(PowerCrafts.separate(), PowerCrafts.stack());
    }

    private static Book<Craft> book(Craft craft) {
        return Power.book(craft, Meter.USUAL);
    }

    /** Every check of the book, and both sorts of probe from end to end of every wire and trace and over every rail. */
    private static List<Check<Craft>> checks(Craft craft) {
        List<Check<Craft>> all = new ArrayList<>(book(craft).checks());
        book(craft).surveys().forEach(survey -> all.addAll(survey.routine()));
        all.addAll(PrePowerChecks.of(craft, Meter.USUAL, PrePowerConvention.FULL).stream()
                .filter(Probe.class::isInstance)
                .toList());
        Wiring wiring = craft.electrics().wiring();
        for (Wiring.Neighbours n : wiring.neighbours()) {
            for (Probe.Mode mode : Probe.Mode.values()) {
                all.add(new Probe(
                        mode, wiring.points().get(n.a()), wiring.points().get(n.b()), Meter.USUAL));
            }
        }
        return all;
    }

    private static boolean tells(Check<Craft> check, Craft sound, Craft faulty) {
        Distribution one = check.outlook(sound);
        Distribution other = check.outlook(faulty);
        return one instanceof Categorical
                ? !Proof.expected(check, sound).equals(Proof.expected(check, faulty))
                : ReadHere.different(one, other);
    }

    @ParameterizedTest
    @MethodSource("crafts")
    void everyLinkOfTheCraftCanBeOpenOrPoor(Craft craft) {
        Wiring wiring = craft.electrics().wiring();
        for (Wiring.Link link : wiring.links()) {
            Craft open = craft.withElectrics(craft.electrics().with(new CopperDefect.Open(link.id())));
            boolean doubled = BatteryOut.of(open.electrics(), Meter.USUAL).ohms(link.a(), link.b()) < 1;
            assertThat(links(craft, link)).as(link.id()).hasSize(doubled ? 0 : 2);
        }
    }

    private static List<Fault<Craft>> links(Craft craft, Wiring.Link link) {
        return book(craft).faults().stream()
                .filter(f -> f.kind().startsWith("link-") && Cleared.sitsAt(f, link))
                .toList();
    }

    @ParameterizedTest
    @MethodSource("crafts")
    void everyFaultShowsInSomeCheck(Craft craft) {
        List<Check<Craft>> checks = checks(craft);
        for (Fault<Craft> fault : book(craft).faults()) {
            Craft faulty = fault.applyTo(craft);
            assertThat(faulty).as(fault.id()).isNotEqualTo(craft);
            assertThat(checks.stream().anyMatch(check -> tells(check, craft, faulty)))
                    .as(fault.id() + " shows")
                    .isTrue();
        }
    }

    @ParameterizedTest
    @MethodSource("crafts")
    void everyFixGivesBackTheSoundCraftAndSaysWhatToDo(Craft craft) {
        for (Fault<Craft> fault : book(craft).faults()) {
            for (Fix<Craft> fix : fault.fixes(craft)) {
                assertThat(fix.applyTo(fault.applyTo(craft))).as(fault.id()).isEqualTo(craft);
                assertThat(fix.applyTo(craft))
                        .as(fault.id() + " changes nothing that is sound")
                        .isEqualTo(craft);
                assertThat(fix.steps()).isNotEmpty();
                assertThat(fix.values()).isNotEmpty();
            }
        }
    }

    @ParameterizedTest
    @MethodSource("crafts")
    void faultsOfTheSamePlaceAreCuredTogetherAndOthersAreNot(Craft craft) {
        Map<String, String> placeOf = new HashMap<>();
        for (Wiring.Link link : craft.electrics().wiring().links()) {
            List<String> remedies = links(craft, link).stream()
                    .map(f -> f.fixes(craft).get(0).remedy())
                    .distinct()
                    .toList();
            assertThat(remedies).as(link.id()).hasSizeLessThanOrEqualTo(1);
            remedies.forEach(remedy -> assertThat(placeOf.put(remedy, link.id()))
                    .as(remedy + " cures one place")
                    .isNull());
        }
    }

    @Test
    void partsOfOneLabelAreCuredEachByItself() {
        Craft craft = crafts().toList().get(0);
        Electrics electrics = craft.electrics();
        List<Part> alike = electrics.sheet().parts().stream()
                .map(p -> new Part(p.id(), p.archetype(), "board", p.arms(), p.draw()))
                .toList();
        Craft relabelled = craft.withElectrics(new Electrics(new ElectricSheet(
                alike, electrics.sheet().wires(), electrics.sheet().battery())));
        assertThat(remedies(relabelled)).hasSameSizeAs(remedies(craft));
    }

    private static Set<String> remedies(Craft craft) {
        return book(craft).faults().stream()
                .map(f -> f.fixes(craft).get(0).remedy())
                .collect(Collectors.toSet());
    }

    @Test
    void partsWhoseNamesDifferInAMarkAloneAreToldApart() {
        Craft craft = crafts().toList().get(0);
        Electrics electrics = craft.electrics();
        ElectricSheet sheet = electrics.sheet();
        Part camera = sheet.parts().stream()
                .filter(p -> p.archetype().id().equals("camera"))
                .findFirst()
                .orElseThrow();
        List<Part> more = new ArrayList<>(sheet.parts());
        more.add(new Part("Z-", camera.archetype(), "one", List.of(), 0));
        more.add(new Part("Zm", camera.archetype(), "other", List.of(), 0));
        Craft both = craft.withElectrics(new Electrics(new ElectricSheet(more, sheet.wires(), sheet.battery())));
        assertThat(book(both).faults().stream().map(Fault::id)).doesNotHaveDuplicates();
    }

    @ParameterizedTest
    @MethodSource("crafts")
    void oddsAreThoseOfRareThings(Craft craft) {
        for (Occasion occasion : Occasion.values()) {
            assertThat(book(craft).faults())
                    .allSatisfy(f -> assertThat(f.odds(occasion)).isBetween(1e-6, 0.05));
        }
    }

    @ParameterizedTest
    @MethodSource("crafts")
    void aSoundCraftGivesNoCauseForAnyComplaint(Craft craft) {
        for (Complaint complaint : Families.complaints(craft, Meter.USUAL)) {
            if (complaint.id().equals(SomethingElse.ID)) {
                continue;
            }
            Distribution seen = complaint.seen().outlook(craft);
            assertThat(complaint.fine()).as(complaint.id()).isPresent();
            assertThat(complaint.isFine(seen.mode()))
                    .as(complaint.id() + " gives " + seen.mode())
                    .isTrue();
        }
    }

    private static String outcome(String complaint, String id) {
        return Power.WORDS.complaint(complaint).outcome(id).plain();
    }

    private static String told(Craft craft, String complaint, String fault) {
        Check<Craft> seen = Families.complaints(craft, Meter.USUAL).stream()
                .filter(c -> c.id().equals(complaint))
                .findFirst()
                .orElseThrow()
                .seen();
        return Proof.expected(seen, book(craft).fault(fault).orElseThrow().applyTo(craft))
                .plain();
    }

    @Test
    void aComplaintIsWhatTheFaultDoesToThisCraft() {
        Craft craft = PowerCrafts.separate();
        assertThat(told(craft, "dead-arm", "open-PB_1p_CFR_p")).isEqualTo("front right");
        assertThat(told(craft, "dead-arm", "crossed-CRL")).isEqualTo("rear left");
        assertThat(told(craft, "dead-arm", "open-PB_5V_FC_5V")).isEqualTo(outcome("dead-arm", "all"));
        Craft two = craft.withElectrics(craft.electrics()
                .with(new CopperDefect.Open("FC.S3>CRL.S"))
                .with(new CopperDefect.Open("FC.S2>CFR.S")));
        Check<Craft> arms = Families.complaints(craft, Meter.USUAL).stream()
                .filter(c -> c.id().equals("dead-arm"))
                .findFirst()
                .orElseThrow()
                .seen();
        assertThat(Proof.expected(arms, two).plain()).isEqualTo(outcome("dead-arm", "several"));
        assertThat(told(craft, "no-power", "open-FC_R5_RX_p")).isEqualTo("The receiver");
        assertThat(told(craft, "voltage", "sense-on-PB_5V")).isEqualTo(outcome("voltage", "fixed") + ", 4.99 V");
        assertThat(told(craft, "voltage", "open-PB_Bp_FC_VS")).startsWith(outcome("voltage", "zero") + ", 0.00 V");
        assertThat(told(craft, "voltage", "scale-1_1")).startsWith(outcome("voltage", "high") + ", 18");
        assertThat(told(craft, "voltage", "told-cells-more")).startsWith(outcome("voltage", "cells") + ", 16");
        assertThat(told(craft, "shorts", "bridge-PB_INp_PB_INm")).isEqualTo(outcome("shorts", "pack"));
        assertThat(told(craft, "cuts-out", "pack-worn")).isNotEqualTo(outcome("cuts-out", "none"));
        assertThat(told(PowerCrafts.stack(), "current", "current-scale-2")).isEqualTo(outcome("current", "high"));
    }

    @ParameterizedTest
    @MethodSource("crafts")
    void aWeakCellAndAWornPackAreTakenForCuttingOutUnderLoad(Craft craft) {
        Complaint cutsOut = Families.complaints(craft, Meter.USUAL).stream()
                .filter(c -> c.id().equals("cuts-out"))
                .findFirst()
                .orElseThrow();
        for (String id : List.of("cell-weak", "pack-worn")) {
            Craft faulty = book(craft).fault(id).orElseThrow().applyTo(craft);
            assertThat(Proof.expected(cutsOut.seen(), faulty))
                    .as(id)
                    .isNotEqualTo(Proof.expected(cutsOut.seen(), craft));
        }
    }

    @Test
    void aDeadArmTipsTheCraftTowardsIt() {
        Craft craft = PowerCrafts.separate();
        Craft dead = book(craft).fault("open-FC_S2_CFR_S").orElseThrow().applyTo(craft);
        assertThat(Drives.of(dead).get(0).turns()).isFalse();
        assertThat(Drives.of(dead).stream().filter(arm -> !arm.turns())).hasSize(1);
        Craft weak = book(craft).fault("poor-PB_1p_CFR_p").orElseThrow().applyTo(craft);
        assertThat(Drives.of(weak).get(0).feed()).isBetween(0.35, 0.95);
    }

    @Test
    void twoFaultsMeetOnTheCraft() {
        Craft craft = PowerCrafts.separate();
        Craft both = craft.withElectrics(
                craft.electrics().with(new CopperDefect.Open("PB.5V>FC.5V")).with(new CopperDefect.Open("FC.R5>RX.+")));
        assertThat(Powered.onBench(both.electrics())
                        .works(both.electrics().sheet().part("FC").orElseThrow()))
                .isFalse();
        assertThat(Drives.of(both)).noneMatch(arm -> arm.turns());
    }

    @Test
    void aCraftWithoutASheetGetsNoBookOfPowerButKeepsTheRest() {
        Craft bare = PowerCrafts.separate().withElectrics(ablemedic.wiring.Electrics.NONE);
        assertThat(book(bare).faults()).isEmpty();
        assertThat(Families.complaints(bare, Meter.USUAL))
                .extracting(Complaint::id)
                .containsExactly(
                        "take-off",
                        "shakes-or-hot",
                        "will-not-arm",
                        "motors-start",
                        "settings-odd",
                        "flash-failed",
                        "will-not-bind",
                        "sticks-wrong",
                        "switch-wrong",
                        "failsafe-wrong",
                        "flew-away",
                        "dropped",
                        "poor-range",
                        "something-else");
        assertThat(PrePowerChecks.of(bare, Meter.USUAL, PrePowerConvention.FULL))
                .hasSize(4);
    }

    @ParameterizedTest
    @MethodSource("crafts")
    void aTechnicianWhoFollowsThePlanFindsFaultsOfEverySort(Craft craft) {
        Diagnosis<Craft> diagnosis = new Diagnosis<>(Families.book(craft, Meter.USUAL), Assumptions.USUAL);
        List<Complaint> complaints = Families.complaints(craft, Meter.USUAL);
        int walks = 0;
        int solved = 0;
        double checks = 0;
        List<Fault<Craft>> faults = book(craft).faults();
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
        Probe probe = (Probe) book(craft).check("ohms~PB.1+~CFR.+").orElseThrow();
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
                    .contains(book(craft)
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
        List<Suspect<Craft>> before = diagnosis.standing(known).suspects();
        List<Suspect<Craft>> after = diagnosis
                .standing(known.with(other.seen(), Chosen.of("warm"), Sureness.SURE))
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

    @Test
    void theCataloguesNameWhatTheBookHasAndNothingElse() {
        new CatalogueUse(Power.FAMILY, crafts().toList())
                .everyFaultItsFixesAndItsPageAreInIt()
                .everyCheckItsOutcomesAndItsPageAreInIt("told", "pre-power")
                .everyComplaintIsInIt();
    }
}
