package ablemedic.physics;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import ablemedic.craft.Craft;
import ablemedic.power.PowerCrafts;
import ablemedic.power.PowerDefect;
import ablemedic.power.SenseChain;
import ablemedic.reading.Meter;
import ablemedic.wiring.CopperDefect;
import ablemedic.wiring.Defect;
import ablemedic.wiring.Electrics;
import ablemedic.wiring.InnerCircuit;
import ablemedic.wiring.Wiring;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** What each sort of harm does under the probes. */
class CircuitsTest {
    static Stream<Craft> crafts() {
        return Stream.of(PowerCrafts.separate(), PowerCrafts.stack());
    }

    private static BatteryOut under(Electrics electrics) {
        return BatteryOut.of(electrics, Meter.USUAL);
    }

    @ParameterizedTest
    @MethodSource("crafts")
    void anOpenLinkIsFurtherApartThanItWasAndNoPairIsNearer(Craft craft) {
        Electrics sound = craft.electrics();
        for (Wiring.Link link : sound.wiring().links()) {
            Electrics open = sound.with(new CopperDefect.Open(link.id()));
            assertThat(under(open).ohms(link.a(), link.b()))
                    .as(link.label())
                    .isGreaterThan(under(sound).ohms(link.a(), link.b()));
            for (Wiring.Link other : sound.wiring().links()) {
                assertThat(under(open).ohms(other.a(), other.b()))
                        .as("%s with %s open", other.label(), link.label())
                        .isGreaterThanOrEqualTo(under(sound).ohms(other.a(), other.b()) - 1e-3);
            }
        }
    }

    @ParameterizedTest
    @MethodSource("crafts")
    void aPoorLinkLiesBetweenASoundOneAndAnOpenOne(Craft craft) {
        Electrics sound = craft.electrics();
        for (Wiring.Link link : sound.wiring().links()) {
            double before = under(sound).ohms(link.a(), link.b());
            double poor = under(sound.with(new CopperDefect.Poor(link.id(), 4))).ohms(link.a(), link.b());
            double open = under(sound.with(new CopperDefect.Open(link.id()))).ohms(link.a(), link.b());
            assertThat(poor).as(link.label()).isGreaterThan(before).isLessThanOrEqualTo(Math.min(4.01, open + 1e-6));
        }
    }

    @ParameterizedTest
    @MethodSource("crafts")
    void aBridgeBringsItsPadsTogetherAndIsTheSameFromBothSides(Craft craft) {
        Electrics sound = craft.electrics();
        for (Wiring.Neighbours n : sound.wiring().neighbours()) {
            BatteryOut bridged = under(sound.with(new CopperDefect.Bridge(n.onePad(), n.otherPad(), 0.05)));
            assertThat(bridged.ohms(n.a(), n.b())).as(n.label()).isLessThanOrEqualTo(0.0501);
            assertThat(bridged.ohms(n.b(), n.a())).isCloseTo(bridged.ohms(n.a(), n.b()), within(1e-9));
            assertThat(bridged.climbs(n.a(), n.b()))
                    .as("a short does not climb")
                    .isFalse();
        }
    }

    @ParameterizedTest
    @MethodSource("crafts")
    void aShortedDriveIsAShortAcrossThePack(Craft craft) {
        Electrics sound = craft.electrics();
        int[] plug = sound.wiring().plug().orElseThrow();
        for (Wiring.At<InnerCircuit.Drive> drive : sound.wiring().all(InnerCircuit.Drive.class)) {
            BatteryOut craftUnder = under(sound.with(
                    new PowerDefect.DriveShort(drive.address(drive.of().plus()), 0.4)));
            assertThat(craftUnder.ohms(plug[0], plug[1])).isBetween(0.39, 0.6);
        }
    }

    @ParameterizedTest
    @MethodSource("crafts")
    void aBurstCapacitorShortsItsPads(Craft craft) {
        Electrics sound = craft.electrics();
        Wiring.At<InnerCircuit.Capacitance> bulky = sound.wiring().all(InnerCircuit.Capacitance.class).stream()
                .filter(c -> c.of().bulky())
                .findFirst()
                .orElseThrow();
        Electrics burst = sound.with(
                new PowerDefect.BurstCapacitor(bulky.address(bulky.of().plus()), 0.8));
        int plus = Circuits.node(sound.wiring(), bulky, bulky.of().plus());
        int minus = Circuits.node(sound.wiring(), bulky, bulky.of().minus());
        assertThat(under(sound).climbs(plus, minus)).isTrue();
        assertThat(under(burst).climbs(plus, minus)).isFalse();
        assertThat(under(burst).ohms(plus, minus)).isLessThanOrEqualTo(0.801);
    }

    @ParameterizedTest
    @MethodSource("crafts")
    void harmThatNoMeterSeesWithThePackOutChangesNothingThere(Craft craft) {
        Electrics sound = craft.electrics();
        int[] plug = sound.wiring().plug().orElseThrow();
        double before = under(sound).ohms(plug[0], plug[1]);
        for (Defect harm : List.of(
                new PowerDefect.DividerOff(2),
                new PowerDefect.WornBattery(2),
                new PowerDefect.WeakCell(2),
                new PowerDefect.OtherBattery(2),
                new PowerDefect.OtherDraw("FC", 2))) {
            assertThat(under(sound.with(harm)).ohms(plug[0], plug[1]))
                    .as(harm.toString())
                    .isEqualTo(before);
        }
    }

    @ParameterizedTest
    @MethodSource("crafts")
    void aMovedSenseLeadReadsWhereItSits(Craft craft) {
        Electrics sound = craft.electrics();
        Wiring wiring = sound.wiring();
        if (wiring.senseWire().isEmpty()) {
            return;
        }
        int sense = Circuits.node(
                wiring,
                wiring.divider().orElseThrow(),
                wiring.divider().orElseThrow().of().sense());
        for (Wiring.At<InnerCircuit.Regulator> r : wiring.all(InnerCircuit.Regulator.class)) {
            int rail = Circuits.node(wiring, r, r.of().out());
            Electrics moved = sound.with(
                    new CopperDefect.WireMoved(wiring.senseWire().orElseThrow().id(), r.address(r.of().out())));
            assertThat(under(moved).ohms(rail, sense)).isLessThan(0.1);
            assertThat(under(sound).ohms(rail, sense)).isGreaterThan(100);
            assertThat(SenseChain.at(craft.withElectrics(moved), 15.4).shownV())
                    .isCloseTo(r.of().volts(), within(0.03 * r.of().volts()));
        }
    }

    @ParameterizedTest
    @MethodSource("crafts")
    void whatARegulatorGivesIsWhatFlowsIntoAllThatHangsOnIt(Craft craft) {
        // Kirchhoff's rule at each output: loads at the voltage that stands there, and a linear regulator that takes
        // what it gives.
        Electrics sound = craft.electrics();
        Wiring wiring = sound.wiring();
        Powered powered = Powered.onBench(sound);
        BatteryOut copper = under(sound);
        List<Wiring.At<InnerCircuit.Regulator>> regulators = wiring.all(InnerCircuit.Regulator.class);
        for (int k = 0; k < regulators.size(); k++) {
            Wiring.At<InnerCircuit.Regulator> r = regulators.get(k);
            int out = Circuits.node(wiring, r, r.of().out());
            double flows = 0;
            for (Wiring.At<InnerCircuit.Load> load : wiring.all(InnerCircuit.Load.class)) {
                int plus = Circuits.node(wiring, load, load.of().plus());
                if (copper.ohms(out, plus) < 1) {
                    flows += Powered.draw(load)
                            / load.of().volts()
                            * powered.between(
                                    plus, Circuits.node(wiring, load, load.of().minus()));
                }
            }
            for (Wiring.At<InnerCircuit.Leak> leak : wiring.all(InnerCircuit.Leak.class)) {
                int plus = Circuits.node(wiring, leak, leak.of().a());
                int minus = Circuits.node(wiring, leak, leak.of().b());
                boolean from = copper.ohms(out, plus) < 1;
                if (from != copper.ohms(out, minus) < 1) {
                    flows += (from ? 1 : -1)
                            * powered.between(plus, minus)
                            / leak.of().ohms();
                }
            }
            for (int j = 0; j < regulators.size(); j++) {
                Wiring.At<InnerCircuit.Regulator> fed = regulators.get(j);
                if (j != k
                        && fed.of().linear()
                        && copper.ohms(out, Circuits.node(wiring, fed, fed.of().in())) < 1) {
                    flows += powered.outputs().get(j).givesA();
                }
            }
            double gives = powered.outputs().get(k).givesA();
            assertThat(gives)
                    .as("%s V of the %s", r.of().volts(), r.part().label())
                    .isCloseTo(flows, within(0.002 + 0.005 * flows));
        }
    }

    @ParameterizedTest
    @MethodSource("crafts")
    void whatComesOutOfThePackIsWhatIsTakenFromIt(Craft craft) {
        // By hand: a switching regulator takes its output over 0.88 as power, an idle controller 0.03 A at the nominal
        // voltage.
        Electrics sound = craft.electrics();
        Wiring wiring = sound.wiring();
        Powered powered = Powered.onBench(sound);
        double taken = 0;
        for (Wiring.At<InnerCircuit.Drive> drive : wiring.all(InnerCircuit.Drive.class)) {
            taken += 0.03 / sound.sheet().battery().nominalV() * powered.driveV(drive);
        }
        BatteryOut copper = under(sound);
        int plus = wiring.plug().orElseThrow()[0];
        List<Wiring.At<InnerCircuit.Regulator>> regulators = wiring.all(InnerCircuit.Regulator.class);
        for (int k = 0; k < regulators.size(); k++) {
            Wiring.At<InnerCircuit.Regulator> r = regulators.get(k);
            int in = Circuits.node(wiring, r, r.of().in());
            if (copper.ohms(plus, in) < 1) {
                Powered.Output output = powered.outputs().get(k);
                taken += r.of().linear()
                        ? output.givesA()
                        : output.givesA()
                                * output.givesV()
                                / 0.88
                                / powered.between(in, Circuits.node(wiring, r, r.of().minus()));
            }
        }
        for (Wiring.At<InnerCircuit.Load> load : wiring.all(InnerCircuit.Load.class)) {
            int at = Circuits.node(wiring, load, load.of().plus());
            if (copper.ohms(plus, at) < 1) {
                taken += Powered.draw(load)
                        / load.of().volts()
                        * powered.between(
                                at, Circuits.node(wiring, load, load.of().minus()));
            }
        }
        assertThat(powered.batteryA()).isCloseTo(taken, within(0.01 * taken + 0.002));
    }
}
