package ablemedic.wiring;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;

import ablemedic.catalogue.Rejected;
import ablemedic.parts.PartsLibrary;
import ablemedic.parts.WiringLayout;
import java.util.ArrayList;
import java.util.List;
import java.util.function.UnaryOperator;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class ElectricSheetTest {
    private static final BatteryType BATTERY = new BatteryType(4, Chemistry.LIPO, 1500, 4);
    private final ElectricSheet sheet = layout(WiringLayout.SEPARATE, List.of("receiver", "camera", "capacitor-470"));

    private static ElectricSheet layout(WiringLayout layout, List<String> parts) {
        return layout.sheet(List.of(1, 0, 2, 3), List.of("FR", "RR", "RL", "FL"), 85, BATTERY, parts);
    }

    private void refused(UnaryOperator<List<Wire>> change, String where, String rule) {
        List<Wire> wires = change.apply(new ArrayList<>(sheet.wires()));
        assertThatExceptionOfType(Rejected.class)
                .isThrownBy(() -> new ElectricSheet(sheet.parts(), wires, BATTERY))
                .satisfies(e -> assertThat(e.wrong()).anySatisfy(wrong -> {
                    assertThat(wrong.where()).startsWith(where);
                    assertThat(wrong.rule()).isEqualTo(rule);
                }));
    }

    private static UnaryOperator<List<Wire>> with(Wire wire) {
        return wires -> {
            wires.add(wire);
            return wires;
        };
    }

    private static Wire wire(String from, String to, double mm) {
        return new Wire(from, to, new Gauge(26), mm, false);
    }

    @Test
    void aLeadToAPadThatIsNotThereIsRefusedWithThePadsThereAre() {
        refused(with(wire("PB.9+", "RX.+", 50)), "wires[", "no-pad");
        refused(with(wire("XX.+", "RX.+", 50)), "wires[", "no-part");
    }

    @Test
    void twoLeadsOnOnePadWhereOneFitsAreRefused() {
        refused(with(wire("PB.5V", "RX.+", 50)), "wires[", "full");
    }

    @Test
    void impossibleLengthsAndDirectionsAreRefused() {
        refused(with(wire("FC.A5", "PB.B+", -3)), "wires[", "length");
        refused(with(wire("FC.A5", "PB.B+", Double.NaN)), "wires[", "length");
        refused(with(wire("FC.G1", "FC.A5", 30)), "wires[", "no-fit");
    }

    @Test
    void theSameLeadTwiceIsRefused() {
        refused(with(sheet.wires().get(0)), "wires[", "twice");
    }

    @Test
    void twoControllersOnOneArmAndNamesTwiceAreRefused() {
        List<Part> parts = new ArrayList<>(sheet.parts());
        parts.add(new Part("CFR", PartsLibrary.find("controller").orElseThrow(), "one more", List.of(0), -1));
        assertThatExceptionOfType(Rejected.class)
                .isThrownBy(() -> new ElectricSheet(parts, List.of(), BATTERY))
                .satisfies(e ->
                        assertThat(e.wrong()).extracting(Rejected.Wrong::rule).contains("same-id", "same-arm", "draw"));
    }

    @Test
    void aFloatingPartIsNoErrorButIsSaid() {
        List<Wire> fewer =
                sheet.wires().stream().filter(l -> !l.to().equals("RX.+")).toList();
        ElectricSheet floating = new ElectricSheet(sheet.parts(), fewer, BATTERY);
        assertThat(floating.missing())
                .singleElement()
                .asString()
                .contains(sheet.part("RX").orElseThrow().label(), "+");
        assertThat(sheet.missing()).isEmpty();
    }

    @Test
    void aPartForLowVoltageOnAHighOneIsSaidToBeDestroyed() {
        ElectricSheet satellite =
                WiringLayout.withPart(sheet, PartsLibrary.find("gnss-3v3").orElseThrow());
        assertThat(satellite.missing()).isEmpty();
        List<Wire> moved = satellite.wires().stream()
                .map(l -> l.to().equals("GNSS.+") ? wire("FC.A5", "GNSS.+", 60) : l)
                .toList();
        ElectricSheet deadly = new ElectricSheet(satellite.parts(), moved, BATTERY);
        assertThat(satellite.destroyed()).isEmpty();
        assertThat(deadly.destroyed()).singleElement().asString().contains("3.6 V", "5 V");
        assertThat(deadly.missing()).containsAll(deadly.destroyed());
    }

    @ParameterizedTest
    @EnumSource(WiringLayout.class)
    void everyPartOfTheShelfFindsPadsOnEveryLayoutOrIsSaidToFloat(WiringLayout layout) {
        for (Archetype archetype : PartsLibrary.all()) {
            if (archetype.kind() == Archetype.Kind.PART || archetype.kind() == Archetype.Kind.CAPACITOR) {
                ElectricSheet more = WiringLayout.withPart(layout(layout, List.of()), archetype);
                boolean led =
                        more.wires().size() > layout(layout, List.of()).wires().size();
                assertThat(more.missing().isEmpty()).as(archetype.id()).isEqualTo(led);
            }
        }
    }

    @ParameterizedTest
    @EnumSource(WiringLayout.class)
    void theWiringHasAPointForEveryPadAndTwoForEveryLeadInPieces(WiringLayout layout) {
        ElectricSheet full = layout(layout, List.of("receiver", "camera", "video", "capacitor-470"));
        Wiring wiring = new Wiring(full);
        long pads = full.parts().stream()
                .mapToLong(p -> p.archetype().pads().size())
                .sum();
        long pieces = full.wires().stream().filter(Wire::inPieces).count();
        assertThat(wiring.points()).hasSize((int) (pads + 2 * pieces));
        assertThat(wiring.points())
                .allSatisfy(p -> assertThat(wiring.node(p.id())).isEqualTo(p.node()));
        assertThat(wiring.drives()).containsOnlyKeys(0, 1, 2, 3);
        assertThat(wiring.links()).extracting(Wiring.Link::id).doesNotHaveDuplicates();
    }

    @Test
    void nothingEnteredSaysWhatItKeepsFromBeingWorkedOut() {
        assertThat(Electrics.NONE.sheet().missing())
                .hasSize(1)
                .first()
                .asString()
                .contains("not entered");
    }

    @ParameterizedTest
    @EnumSource(Chemistry.class)
    void theRestingVoltageRisesWithTheChargeAndIsReadBackFromIt(Chemistry chemistry) {
        for (double charge = 0; charge <= 1; charge += 0.01) {
            assertThat(chemistry.chargeAt(chemistry.restingV(charge)))
                    .isCloseTo(charge, org.assertj.core.data.Offset.offset(1e-9));
        }
        assertThat(chemistry.restingV(1)).isEqualTo(chemistry.fullV());
        assertThat(chemistry.chargeAt(9)).isEqualTo(1);
        assertThat(chemistry.chargeAt(0)).isZero();
    }
}
