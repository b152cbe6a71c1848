package ablemedic.power;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import ablemedic.circuit.Network;
import ablemedic.craft.Craft;
import ablemedic.diagnosis.Categorical;
import ablemedic.diagnosis.Check;
import ablemedic.diagnosis.Distribution;
import ablemedic.diagnosis.Fault;
import ablemedic.diagnosis.FixedWord;
import ablemedic.diagnosis.Gaussian;
import ablemedic.diagnosis.Proof;
import ablemedic.family.PrePowerConvention;
import ablemedic.physics.BatteryOut;
import ablemedic.physics.Circuits;
import ablemedic.physics.Powered;
import ablemedic.reading.Meter;
import ablemedic.testing.OutsideCheck;
import ablemedic.testing.OutsideCheck.Kind;
import ablemedic.wiring.CopperDefect;
import ablemedic.wiring.Defect;
import ablemedic.wiring.Electrics;
import ablemedic.wiring.Part;
import ablemedic.wiring.Wiring;
import java.util.List;
import org.ejml.simple.SimpleMatrix;
import org.junit.jupiter.api.Test;

/** What a meter reads on a craft, battery out and battery in. */
class ReadingsTest {
    private final Craft craft = PowerCrafts.separate();
    private final Electrics electrics = craft.electrics();
    private final Wiring wiring = electrics.wiring();

    private double ohms(Electrics e, String a, String b) {
        return BatteryOut.of(e, Meter.USUAL).ohms(wiring.node(a), wiring.node(b));
    }

    @Test
    @OutsideCheck(
            kind = Kind.COMMON_PRACTICE,
            source = "continuity of a trace, joint or lead: near zero, under about 1 ohm")
    void everyLinkOfASoundCraftHasContinuity() {
        for (Wiring.Link link : wiring.links()) {
            assertThat(BatteryOut.of(electrics, Meter.USUAL).ohms(link.a(), link.b()))
                    .as(link.id())
                    .isLessThan(1);
        }
    }

    @Test
    @OutsideCheck(
            kind = Kind.COMMON_PRACTICE,
            source =
                    "short test: climbing is capacitors charging; near zero and staying is a short; open where capacitors should be, a lead is off")
    void theShortTestClimbsStaysNearZeroOrIsOpen() {
        int plus = wiring.node("PLUG.+");
        int minus = wiring.node("PLUG.-");
        assertThat(BatteryOut.of(electrics, Meter.USUAL).climbs(plus, minus)).isTrue();
        for (Defect harm : List.of(
                new PowerDefect.DriveShort("CFR.+", 0.3),
                new PowerDefect.BurstCapacitor("CAP.+", 0.3),
                new CopperDefect.Bridge("PB.2+", "PB.2-", 0.3))) {
            BatteryOut shorted = BatteryOut.of(electrics.with(harm), Meter.USUAL);
            assertThat(shorted.ohms(plus, minus)).as(harm.toString()).isLessThan(1);
            assertThat(shorted.climbs(plus, minus)).isFalse();
        }
        assertThat(BatteryOut.of(electrics.with(new CopperDefect.Open("PLUG.->PB.IN-")), Meter.USUAL)
                        .over(plus, minus))
                .isTrue();
    }

    @Test
    @OutsideCheck(kind = Kind.REFERENCE_LIBRARY, source = "EJML: pseudo-inverse of the Laplacian of the whole craft")
    void everyPairOfPointsReadsAsWithASecondSolver() {
        int n = wiring.points().size();
        SimpleMatrix laplacian = new SimpleMatrix(n, n);
        for (Network.Link link : Circuits.links(wiring)) {
            laplacian.set(link.a(), link.a(), laplacian.get(link.a(), link.a()) + link.siemens());
            laplacian.set(link.b(), link.b(), laplacian.get(link.b(), link.b()) + link.siemens());
            laplacian.set(link.a(), link.b(), laplacian.get(link.a(), link.b()) - link.siemens());
            laplacian.set(link.b(), link.a(), laplacian.get(link.b(), link.a()) - link.siemens());
        }
        // A second tie at another node of each part than the code's; parts are found by what the code calls connected.
        BatteryOut code = BatteryOut.of(electrics, Meter.USUAL);
        for (int i = n - 1; i >= 0; i--) {
            boolean last = true;
            for (int j = i + 1; j < n; j++) {
                last &= Double.isInfinite(code.ohms(i, j));
            }
            if (last) {
                laplacian.set(i, i, laplacian.get(i, i) + 0.5);
            }
        }
        SimpleMatrix z = laplacian.invert();
        for (int i = 0; i < n; i++) {
            for (int j = i + 1; j < n; j++) {
                if (!Double.isInfinite(code.ohms(i, j))) {
                    double second = z.get(i, i) + z.get(j, j) - 2 * z.get(i, j);
                    assertThat(code.ohms(i, j)).isCloseTo(second, within(1e-6 + 1e-6 * second));
                }
            }
        }
    }

    @Test
    void aBreakIsOpenAcrossItAndHasContinuityOnEitherSide() {
        Electrics broken = electrics.with(new CopperDefect.Open("FC.S2>CFR.S"));
        assertThat(ohms(broken, "FC.S2", "CFR.S")).isInfinite();
        assertThat(ohms(broken, "FC.S2", "FC.S2>CFR.S#1")).isLessThan(1);
        assertThat(ohms(broken, "FC.S2>CFR.S#2", "CFR.S")).isLessThan(1);
    }

    @Test
    void crossedLeadsRunPlusToMinus() {
        Electrics crossed = electrics.with(new PowerDefect.SupplyCrossed("CFR"));
        assertThat(ohms(crossed, "PB.1+", "CFR.-")).isLessThan(1);
        assertThat(ohms(crossed, "PB.1+", "CFR.+")).isGreaterThan(500);
        Meter strong = new Meter(6000, 0.005, 2, 0.008, 3, 0.3, 40e6, 2.5);
        double through = BatteryOut.of(crossed, strong).ohms(wiring.node("PB.1+"), wiring.node("PB.1-"));
        assertThat(through).as("a strong test voltage opens the junction").isLessThan(ohms(crossed, "PB.1+", "PB.1-"));
    }

    @Test
    void theRailsStandRightAndDropOutWithTheirInput() {
        Powered sound = Powered.idle(electrics, 16);
        assertThat(sound.outputs())
                .extracting(Powered.Output::givesV)
                .satisfiesExactly(five -> assertThat(five).isCloseTo(5, within(0.05)), three -> assertThat(three)
                        .isCloseTo(3.3, within(0.03)));
        Powered flat = Powered.idle(electrics, 4.5);
        assertThat(flat.outputs().get(0).givesV()).isCloseTo(4.2, within(0.1));
        Powered dead = Powered.idle(electrics.with(new PowerDefect.WeakRegulator("PB.5V", 0)), 16);
        assertThat(dead.between(wiring.node("PB.5V"), wiring.node("PB.G5"))).isCloseTo(0, within(0.05));
    }

    @Test
    void aRegulatorHoldsItsLimitAndTheRailFalls() {
        Powered weak = Powered.idle(electrics.with(new PowerDefect.WeakRegulator("PB.5V", 0.1)), 16);
        Powered.Output five = weak.outputs().get(0);
        assertThat(five.givesA()).isCloseTo(0.2, within(0.02));
        assertThat(five.givesV()).isLessThan(4);
    }

    @Test
    @OutsideCheck(
            kind = Kind.PUBLISHED,
            source = "Conservation of energy: what the pack gives is what parts, regulators and leads take")
    void theBooksOfPowerBalance() {
        Powered idle = Powered.idle(electrics, 16);
        double taken = 0;
        for (Wiring.At<ablemedic.wiring.InnerCircuit.Load> load :
                wiring.all(ablemedic.wiring.InnerCircuit.Load.class)) {
            double v = idle.between(
                    wiring.node(load.address(load.of().plus())),
                    wiring.node(load.address(load.of().minus())));
            taken += v * v * Powered.draw(load) / load.of().volts();
        }
        double given = idle.batteryA() * idle.plugV();
        assertThat(given).isGreaterThan(taken).isLessThan(1.35 * taken + 4 * 0.03 * 17);
    }

    @Test
    void aPartBehindABrokenGroundHasNoSupply() {
        Electrics broken = electrics.with(new CopperDefect.Open("FC.G1>RX.-"));
        Part receiver = electrics.sheet().part("RX").orElseThrow();
        assertThat(Powered.idle(broken, 16).works(receiver)).isFalse();
        assertThat(Powered.idle(electrics, 16).works(receiver)).isTrue();
    }

    @Test
    void everyStepOfTheRoutinePassesOnASoundCraft() {
        for (Check<Craft> step : PrePowerChecks.of(craft, Meter.USUAL, PrePowerConvention.FULL)) {
            Distribution predicted = step.outlook(craft);
            Distribution outlook = predicted.likeliest();
            var reading = outlook instanceof Gaussian s
                    ? new ablemedic.diagnosis.Reading.Measured(s.mean())
                    : outlook instanceof FixedWord w
                            ? ablemedic.diagnosis.Reading.Chosen.of(w.word())
                            : ablemedic.diagnosis.Reading.Chosen.of(((Categorical) outlook)
                                    .choices()
                                    .questions()
                                    .get(0)
                                    .outcomes()
                                    .get(0)
                                    .id());
            assertThat(Proof.asExpected(step, reading, craft)).as(step.id()).isTrue();
        }
    }

    @Test
    void whateverWouldShortThePackFailsTheRoutineBeforeThePackGoesIn() {
        for (Fault<Craft> fault : PowerFaults.of(craft)) {
            Craft faulty = fault.applyTo(craft);
            if (ohms(faulty.electrics(), "PLUG.+", "PLUG.-") < 5) {
                assertThat(PrePowerChecks.of(craft, Meter.USUAL, PrePowerConvention.FULL).stream()
                                .filter(step -> step instanceof Probe p && p.mode() == Probe.Mode.OHMS)
                                .anyMatch(step -> ReadHere.different(step.outlook(craft), step.outlook(faulty))))
                        .as(fault.id())
                        .isTrue();
            }
        }
        for (String corner : List.of("CFR", "CRR", "CRL", "CFL")) {
            Craft crossed = craft.withElectrics(electrics.with(new PowerDefect.SupplyCrossed(corner)));
            assertThat(PrePowerChecks.of(craft, Meter.USUAL, PrePowerConvention.FULL).stream()
                            .filter(Probe.class::isInstance)
                            .anyMatch(step -> ReadHere.different(step.outlook(craft), step.outlook(crossed))))
                    .as(corner)
                    .isTrue();
        }
    }

    @Test
    void theQuickRoutineIsAmongTheFullOneAndHoldsTheShortTestThePowerAndTheRails() {
        List<String> full = PrePowerChecks.of(craft, Meter.USUAL, PrePowerConvention.FULL).stream()
                .map(Check::id)
                .toList();
        List<String> quick = PrePowerChecks.of(craft, Meter.USUAL, PrePowerConvention.QUICK).stream()
                .map(Check::id)
                .toList();
        assertThat(full).containsAll(quick).hasSizeGreaterThan(quick.size() + 4);
        assertThat(quick).startsWith("routine-look", "ohms~PLUG.+~PLUG.-", "routine-limiter");
        assertThat(quick.stream().filter(id -> id.startsWith("volts~")))
                .isNotEmpty()
                .containsExactlyElementsOf(
                        full.stream().filter(id -> id.startsWith("volts~")).toList());
    }
}
