package ablemedic.physics;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import ablemedic.craft.Corner;
import ablemedic.craft.Craft;
import ablemedic.craft.HoverPower;
import ablemedic.power.PowerCrafts;
import ablemedic.power.PowerDefect;
import ablemedic.testing.OutsideCheck;
import ablemedic.testing.OutsideCheck.Kind;
import ablemedic.wiring.CopperDefect;
import ablemedic.wiring.Defect;
import ablemedic.wiring.Electrics;
import ablemedic.wiring.InnerCircuit;
import ablemedic.wiring.Wiring;
import java.util.Map;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** What the wiring does to the arms. */
class DrivesTest {
    static Stream<Craft> crafts() {
        return Stream.of(PowerCrafts.separate(), PowerCrafts.stack());
    }

    private static double feed(Craft craft, Corner corner) {
        return Drives.at(craft, corner).feed();
    }

    private static Craft harmed(Craft craft, Defect harm) {
        return craft.withElectrics(craft.electrics().with(harm));
    }

    @ParameterizedTest
    @MethodSource("crafts")
    void aSoundWiringLeavesEveryArmAsItIs(Craft craft) {
        assertThat(Drives.of(craft)).allSatisfy(arm -> assertThat(arm.feed()).isEqualTo(1));
        Craft worn = harmed(craft, new PowerDefect.DividerOff(0.9));
        assertThat(Drives.of(worn))
                .as("worked out from the network, and not assumed")
                .allSatisfy(arm -> assertThat(arm.feed()).isEqualTo(1));
    }

    @ParameterizedTest
    @MethodSource("crafts")
    void aShortedDriveStopsItsOwnArm(Craft craft) {
        for (Map.Entry<Integer, Wiring.At<InnerCircuit.Drive>> one :
                craft.electrics().wiring().drives().entrySet()) {
            Wiring.At<InnerCircuit.Drive> drive = one.getValue();
            Craft hurt = harmed(
                    craft, new PowerDefect.DriveShort(drive.address(drive.of().plus()), 0.4));
            assertThat(feed(hurt, Corner.ALL.get(one.getKey()))).isZero();
        }
    }

    @Test
    void aCutSupplyLeadOfASeparateControllerStopsThatArmAlone() {
        Craft craft = PowerCrafts.separate();
        for (Map.Entry<Integer, Wiring.At<InnerCircuit.Drive>> one :
                craft.electrics().wiring().drives().entrySet()) {
            String plus = one.getValue().address(one.getValue().of().plus());
            String wire = craft.electrics().wiring().links().stream()
                    .filter(l ->
                            l.purpose() == Wiring.Purpose.SUPPLY && !l.wireId().isEmpty())
                    .filter(l -> l.a() == craft.electrics().wiring().node(plus)
                            || l.b() == craft.electrics().wiring().node(plus))
                    .map(Wiring.Link::id)
                    .findFirst()
                    .orElseThrow();
            Craft hurt = harmed(craft, new CopperDefect.Open(wire));
            for (Corner corner : Corner.ALL) {
                boolean own = corner == Corner.ALL.get(one.getKey());
                assertThat(feed(hurt, corner))
                        .as("%s with %s cut", corner, wire)
                        .isEqualTo(own ? 0 : 1);
            }
        }
    }

    @ParameterizedTest
    @MethodSource("crafts")
    void aBoardWithoutPowerStopsAllArms(Craft craft) {
        Electrics electrics = craft.electrics();
        String board = electrics.sheet().flightBoard().orElseThrow().id();
        Craft hurt = harmed(craft, new PowerDefect.OtherDraw(board, 0));
        assertThat(Corner.ALL)
                .allSatisfy(corner -> assertThat(feed(hurt, corner)).isZero());
    }

    @ParameterizedTest
    @MethodSource("crafts")
    void theMoreResistanceInALeadTheLessReachesTheDrive(Craft craft) {
        Wiring wiring = craft.electrics().wiring();
        for (Wiring.Link link : wiring.links()) {
            if (link.purpose() != Wiring.Purpose.SUPPLY || link.wireId().isEmpty()) {
                continue;
            }
            double before = 4;
            for (double ohms : new double[] {link.ohms(), 0.5, 2, Double.POSITIVE_INFINITY}) {
                Craft hurt = harmed(craft, new CopperDefect.Poor(link.id(), ohms));
                double all = Corner.ALL.stream().mapToDouble(c -> feed(hurt, c)).sum();
                assertThat(all).as("%s of %s ohm", link.label(), ohms).isLessThanOrEqualTo(before + 1e-9);
                before = all;
            }
        }
    }

    @ParameterizedTest
    @MethodSource("crafts")
    @OutsideCheck(
            kind = Kind.PUBLISHED,
            source =
                    "momentum theory, any textbook of helicopter aerodynamics: P = T^1.5 / sqrt(2 rho A), summed over four rotors")
    void aHoverDrawsItsIdealPowerOverTheFigureOfMerit(Craft craft) {
        double thrust = craft.airframe().hoverThrustN();
        double radius = craft.airframe().propDiameterMm() / 2000;
        double ideal = 4 * Math.pow(thrust, 1.5) / Math.sqrt(2 * 1.225 * Math.PI * radius * radius);
        assertThat(HoverPower.ideal(craft.airframe())).isCloseTo(ideal, within(1e-9 * ideal));
        double amps = 4 * Drives.hoverA(craft);
        assertThat(amps * craft.electrics().sheet().battery().nominalV())
                .as("electrical power")
                .isBetween(ideal, 4 * ideal);
    }

    @ParameterizedTest
    @MethodSource("crafts")
    void aCraftInTheAirSagsAndOneAtRestHardlyDoes(Craft craft) {
        double resting = craft.electrics().sheet().battery().restingV(0.7);
        Powered flying = Drives.flying(craft, 0.7, 1);
        Powered idle = Powered.idle(craft.electrics(), resting);
        assertThat(idle.plugV()).isBetween(resting - 0.1, resting);
        assertThat(flying.plugV()).isLessThan(idle.plugV());
        assertThat(flying.batteryA())
                .isCloseTo(4 * Drives.hoverA(craft) + idle.batteryA(), within(0.15 * flying.batteryA()));
        assertThat(Drives.flying(craft, 0.7, 3).plugV())
                .as("a burst of throttle")
                .isLessThan(flying.plugV());
    }
}
