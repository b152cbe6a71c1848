package ablemedic.power;

import static org.assertj.core.api.Assertions.assertThat;

import ablemedic.Families;
import ablemedic.craft.Craft;
import ablemedic.diagnosis.Book;
import ablemedic.diagnosis.Categorical;
import ablemedic.diagnosis.Check;
import ablemedic.diagnosis.Distribution;
import ablemedic.diagnosis.Fault;
import ablemedic.diagnosis.Fix;
import ablemedic.diagnosis.Occasion;
import ablemedic.diagnosis.Proof;
import ablemedic.family.Cleared;
import ablemedic.family.Complaint;
import ablemedic.family.PrePowerConvention;
import ablemedic.family.SomethingElse;
import ablemedic.physics.BatteryOut;
import ablemedic.physics.Drives;
import ablemedic.physics.Powered;
import ablemedic.reading.Meter;
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

    static Book<Craft> book(Craft craft) {
        return Power.book(craft, Meter.USUAL);
    }

    /** Every check of the book, and both sorts of probe from end to end of every wire and trace and over every rail. */
    static List<Check<Craft>> checks(Craft craft) {
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

    static List<Fault<Craft>> links(Craft craft, Wiring.Link link) {
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

    static Set<String> remedies(Craft craft) {
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

    static String outcome(String complaint, String id) {
        return Power.WORDS.complaint(complaint).outcome(id).plain();
    }

    static String told(Craft craft, String complaint, String fault) {
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

    @Test
    void theCataloguesNameWhatTheBookHasAndNothingElse() {
        new CatalogueUse(Power.FAMILY, crafts().toList())
                .everyFaultItsFixesAndItsPageAreInIt()
                .everyCheckItsOutcomesAndItsPageAreInIt("told", "pre-power")
                .everyComplaintIsInIt();
    }
}
