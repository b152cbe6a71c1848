package ablemedic.wiring;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;

import ablemedic.catalogue.Rejected;
import ablemedic.parts.PartsLibrary;
import ablemedic.parts.WiringLayout;
import ablemedic.power.PowerDefect;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

/** Values of the wiring: equal when they say the same, refused when they cannot be. */
class ElectricsTest {
    private static final Defect OPEN = new CopperDefect.Open("FC.S1>C4.S1");

    private static Electrics stack(int cells) {
        return new Electrics(WiringLayout.STACK.sheet(
                List.of(1, 0, 2, 3),
                List.of("FR", "RR", "RL", "FL"),
                85,
                new BatteryType(cells, Chemistry.LIPO, 1500, 4),
                List.of("receiver")));
    }

    @Test
    void twoThatSayTheSameAreEqualWhereverTheyCameFrom() {
        assertThat(stack(4)).isEqualTo(stack(4)).hasSameHashCodeAs(stack(4));
        assertThat(stack(4)).isNotEqualTo(stack(6));
        Defect poor = new CopperDefect.Poor("FC.S1>C4.S1", 5);
        assertThat(stack(4).with(poor)).isEqualTo(stack(4).with(poor)).isNotEqualTo(stack(4).with(OPEN));
        assertThat(stack(4).with(poor)).isNotEqualTo(stack(4).with(new CopperDefect.Poor("FC.S1>C4.S1", 6)));
    }

    @Test
    void harmIsAddedAndTakenAwayWithoutAnyTrace() {
        Electrics harmed = stack(4).with(OPEN);
        assertThat(harmed.defects()).containsOnly(OPEN);
        assertThat(harmed.spoilt("FC.S1>C4.S1").orElseThrow()).isInfinite();
        assertThat(harmed.spoilt("elsewhere")).isEmpty();
        assertThat(harmed.without(OPEN.slot())).isEqualTo(stack(4));
        assertThat(harmed.sound()).isEqualTo(stack(4));
        assertThat(stack(4).defects()).as("nothing is altered in place").isEmpty();
    }

    @Test
    void theOrderInWhichHarmCameDoesNotMatter() {
        Defect other = new PowerDefect.WornBattery(4);
        assertThat(stack(4).with(OPEN).with(other))
                .isEqualTo(stack(4).with(other).with(OPEN));
    }

    @Test
    void aLinkIsOpenOrPoorAndNeverBoth() {
        Defect poor = new CopperDefect.Poor("FC.S1>C4.S1", 5);
        assertThat(stack(4).with(OPEN).with(poor).defects()).containsExactly(poor);
        assertThat(stack(4).with(poor).with(OPEN).defects()).containsExactly(OPEN);
    }

    @ParameterizedTest
    @CsvSource({
        "0, 1500, 4, battery.cells",
        "15, 1500, 4, battery.cells",
        "4, 10, 4, battery.capacityMah",
        "4, NaN, 4, battery.capacityMah",
        "4, 1500, 0, battery.cellMilliohms",
        "4, 1500, -3, battery.cellMilliohms"
    })
    void aPackThatCannotBeIsRefusedWithThePlace(int cells, double capacity, double milliohms, String where) {
        assertThatExceptionOfType(Rejected.class)
                .isThrownBy(() -> new BatteryType(cells, Chemistry.LIPO, capacity, milliohms))
                .satisfies(e -> assertThat(e.wrong().get(0).where()).isEqualTo(where));
    }

    @Test
    void aLeadKnowsItsResistanceAndWhetherItsJointsCanBeTouched() {
        Wire thick = new Wire("A.+", "B.+", new Gauge(16), 100, false);
        Wire thin = new Wire("A.S", "B.S", new Gauge(28), 100, false);
        Wire plugged = new Wire("A.S", "B.S", new Gauge(28), 100, true);
        assertThat(thick.inPieces()).isTrue();
        assertThat(thin.inPieces()).isFalse();
        assertThat(plugged.inPieces()).isTrue();
        assertThat(thick.ohms()).isCloseTo(0.001317, within(1e-5));
        assertThat(thin.ohms()).isGreaterThan(10 * thick.ohms());
    }

    @ParameterizedTest
    @EnumSource(WiringLayout.class)
    void aLayoutDrivesEveryArmFromTheOutputThatTheCraftHasForIt(WiringLayout layout) {
        List<Integer> armOfOutput = List.of(3, 1, 0, 2);
        ElectricSheet sheet = layout.sheet(
                armOfOutput,
                List.of("FR", "RR", "RL", "FL"),
                120,
                new BatteryType(6, Chemistry.LIPO, 2200, 3),
                List.of());
        Wiring wiring = new Wiring(sheet);
        for (int output = 1; output <= 4; output++) {
            String signal = wiring.drives()
                    .get(armOfOutput.get(output - 1))
                    .address(wiring.drives()
                            .get(armOfOutput.get(output - 1))
                            .of()
                            .signal());
            String from = "FC.S" + output;
            assertThat(sheet.wires()).anySatisfy(wire -> {
                assertThat(wire.from()).isEqualTo(from);
                assertThat(wire.to()).isEqualTo(signal);
            });
        }
    }

    @ParameterizedTest
    @EnumSource(WiringLayout.class)
    void aLargerCraftGetsThickerAndLongerLeads(WiringLayout layout) {
        BatteryType battery = new BatteryType(4, Chemistry.LIPO, 1500, 4);
        Wire small = layout.sheet(List.of(0, 1, 2, 3), List.of("a", "b", "c", "d"), 60, battery, List.of())
                .wires()
                .get(0);
        Wire large = layout.sheet(List.of(0, 1, 2, 3), List.of("a", "b", "c", "d"), 170, battery, List.of())
                .wires()
                .get(0);
        assertThat(large.gauge().awg()).isLessThan(small.gauge().awg());
    }

    @Test
    void anotherPartOfTheSameSortGetsANameOfItsOwn() {
        Archetype camera = PartsLibrary.find("camera").orElseThrow();
        ElectricSheet two = WiringLayout.withPart(WiringLayout.withPart(stack(4).sheet(), camera), camera);
        assertThat(two.parts()).extracting(Part::id).contains("CAM", "CAM2");
        assertThat(two.part("CAM2").orElseThrow().label()).isEqualTo("camera 2");
        assertThatExceptionOfType(Rejected.class)
                .isThrownBy(() -> WiringLayout.STACK.sheet(
                        List.of(0, 1, 2, 3), List.of("FR", "RR", "RL", "FL"), 85, two.battery(), List.of("teapot")))
                .withMessageContaining("capacitor-470");
    }

    @Test
    void aPointThatIsNotThereIsNotFound() {
        assertThat(stack(4).wiring().find("FC.S9")).isEmpty();
        assertThatIllegalArgumentException().isThrownBy(() -> stack(4).wiring().node("FC.S9"));
    }

    @Test
    void aWireOnTheMapIsCalledByItsEnds() {
        Wiring wiring = stack(4).wiring();
        assertThat(wiring.links())
                .extracting(Wiring.Link::label)
                .contains(
                        "pin at FC S1",
                        "wire from FC S1 to 4-in-1 ESC S1",
                        "wire from FC R5 to receiver +",
                        "trace from IN+ to VB on the 4-in-1 ESC");
        assertThat(wiring.neighbours()).extracting(Wiring.Neighbours::label).contains("VB and G on the FC");
    }
}
