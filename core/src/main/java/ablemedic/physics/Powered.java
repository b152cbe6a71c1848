package ablemedic.physics;

import ablemedic.circuit.Network;
import ablemedic.circuit.Network.Link;
import ablemedic.wiring.BatteryType;
import ablemedic.wiring.ElectricSheet;
import ablemedic.wiring.Electrics;
import ablemedic.wiring.InnerCircuit;
import ablemedic.wiring.Pad;
import ablemedic.wiring.Part;
import ablemedic.wiring.Wiring;
import ablemedic.wiring.Wiring.At;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * A craft with its battery in: the voltage of every point. Loads are resistances that draw their rated current at their
 * rated voltage. A regulator is a source behind a small resistance, whose voltage is sought by iteration so that it
 * drops out with its input and falls at its current limit.
 */
public final class Powered {
    /** Inner resistance of a regulator's output, ohms. From memory; only that it is small matters. */
    private static final double OUTPUT_OHMS = 0.03;
    /** Input over output below which a regulator drops out, volts. Common practice. */
    private static final double DROPOUT_V = 0.3;
    /** Share of its input power that a switching regulator gives. Common practice. */
    private static final double EFFICIENCY = 0.88;
    /** Below this input a regulator does nothing, volts. */
    private static final double LEAST_INPUT_V = 2;
    /** What an idle controller draws, amperes. Common practice. */
    private static final double CONTROLLER_IDLE_A = 0.03;
    /** What is seen of a weak cell at rest, over what it sags in a hover. From memory. */
    private static final double WEAK_AT_REST = 0.1;
    /** The charge, 0 to 1, that a battery at the bench is taken to have. Common practice. */
    private static final double BENCH_CHARGE = 0.85;

    private static final int ROUNDS = 60;
    private static final double SETTLED_V = 1e-4;
    private static final double SETTLED_A = 1e-6;

    /**
     * How the craft is run.
     *
     * @param restingV battery at rest, volts
     * @param driveA current that each drive draws at the battery's nominal voltage, amperes; 0 when none turns
     * @param hovers that current over the one of a hover
     */
    public record Run(double restingV, double driveA, double hovers) {}

    private record Based(ElectricSheet sheet, double driveA, double batteryOhms) {}

    private record Sought(Electrics electrics, Run run) {}

    /** Each keeps the voltage of every point, and a network altered a little. */
    private static final int KEPT = 1_500;

    private static final Memory<Based, Network> SOUND = new Memory<>(128);
    private static final Memory<Sought, Powered> KNOWN = new Memory<>(KEPT);

    private final Electrics electrics;
    private final Wiring wiring;
    private final Network network;
    private final double[] volts;
    private final double emf;
    private final Optional<Other> other;
    private final double batteryA;
    private final List<Output> outputs;

    /** How a regulator stands: current given, its limit, and its output, in amperes and volts. */
    public record Output(Part part, String pad, double volts, double limitA, double givesA, double givesV) {}

    /** A regulated voltage that is not on the sheet and holds the sense pad: from which node to which, volts. */
    private record Other(int plus, int minus, double volts) {}

    private Powered(Electrics electrics, Run run) {
        this.electrics = electrics;
        this.wiring = electrics.wiring();
        double batteryOhms = electrics.sheet().battery().ohms() * electrics.batteryOhmsTimes();
        Network sound = SOUND.of(new Based(electrics.sheet(), run.driveA(), batteryOhms), key -> base(wiring, key));
        this.emf = emf(electrics, run);
        this.other = other(electrics, emf);
        this.network = loaded(Circuits.altered(sound, electrics));
        List<At<InnerCircuit.Regulator>> regulators = wiring.all(InnerCircuit.Regulator.class);
        double[] target = new double[regulators.size()];
        double[] input = new double[regulators.size()];
        for (int k = 0; k < target.length; k++) {
            target[k] = regulators.get(k).of().volts();
        }
        double[] v = solve(emf / batteryOhms, regulators, target, input);
        for (int round = 0; round < ROUNDS; round++) {
            boolean settled = true;
            for (int k = 0; k < target.length; k++) {
                double before = target[k];
                double drawn = input[k];
                adjust(regulators.get(k), k, target, input, v);
                settled &= Math.abs(target[k] - before) < SETTLED_V && Math.abs(input[k] - drawn) < SETTLED_A;
            }
            v = solve(emf / batteryOhms, regulators, target, input);
            if (settled && round > 1) {
                break;
            }
        }
        this.volts = v;
        this.batteryA = wiring.plug()
                .map(p -> (emf - between(p[0], p[1])) / batteryOhms)
                .orElse(0.0);
        this.outputs = new ArrayList<>();
        for (int k = 0; k < target.length; k++) {
            At<InnerCircuit.Regulator> r = regulators.get(k);
            double out = between(node(r, r.of().out()), node(r, r.of().minus()));
            outputs.add(
                    new Output(r.part(), r.of().out(), r.of().volts(), limit(r), (target[k] - out) / OUTPUT_OHMS, out));
        }
    }

    public static Powered of(Electrics electrics, Run run) {
        return KNOWN.of(new Sought(electrics, run), key -> new Powered(electrics, run));
    }

    /** Motors stopped, the battery at the given resting voltage. */
    public static Powered idle(Electrics electrics, double restingV) {
        return of(electrics, new Run(restingV, 0, 0));
    }

    /** On the bench: motors stopped, the battery as full as they usually come. */
    public static Powered onBench(Electrics electrics) {
        return idle(electrics, electrics.sheet().battery().restingV(BENCH_CHARGE));
    }

    private static double emf(Electrics electrics, Run run) {
        BatteryType battery = electrics.sheet().battery();
        double perCell = run.restingV() / battery.cells();
        double cells = battery.cells() + electrics.cellsMore();
        // A weak cell sags with the current, until nothing is left of it.
        double weak = electrics.weakCellV() * Math.max(WEAK_AT_REST, run.hovers());
        return Math.max(0, perCell * cells - Math.min(perCell, weak));
    }

    private static Network base(Wiring wiring, Based key) {
        List<Link> links = Circuits.links(wiring);
        wiring.plug().ifPresent(p -> links.add(new Link(p[0], p[1], 1 / key.batteryOhms())));
        double nominal = key.sheet().battery().nominalV();
        for (At<InnerCircuit.Drive> d : wiring.all(InnerCircuit.Drive.class)) {
            links.add(new Link(
                    Circuits.node(wiring, d, d.of().plus()),
                    Circuits.node(wiring, d, d.of().minus()),
                    (CONTROLLER_IDLE_A + key.driveA()) / nominal));
        }
        for (At<InnerCircuit.Load> l : wiring.all(InnerCircuit.Load.class)) {
            links.add(new Link(
                    Circuits.node(wiring, l, l.of().plus()),
                    Circuits.node(wiring, l, l.of().minus()),
                    draw(l) / l.of().volts()));
        }
        for (At<InnerCircuit.Regulator> r : wiring.all(InnerCircuit.Regulator.class)) {
            links.add(new Link(
                    Circuits.node(wiring, r, r.of().out()), Circuits.node(wiring, r, r.of().minus()), 1 / OUTPUT_OHMS));
        }
        return Network.of(wiring.points().size(), links, List.of());
    }

    /** What a part draws by its archetype, or as the sheet has it, amperes. */
    public static double draw(At<InnerCircuit.Load> load) {
        return load.part().draw() > 0 ? load.part().draw() : load.of().amps();
    }

    private static Optional<Other> other(Electrics electrics, double emf) {
        Wiring wiring = electrics.wiring();
        return electrics.senseHeldV().flatMap(held -> wiring.divider()
                .map(d -> new Other(
                        Circuits.node(wiring, d, d.of().sense()),
                        Circuits.node(wiring, d, d.of().minus()),
                        Math.max(0, Math.min(held, emf - DROPOUT_V)))));
    }

    private Network loaded(Network harmed) {
        Network changed = other.map(o -> harmed.bridged(o.plus(), o.minus(), 1 / OUTPUT_OHMS))
                .orElse(harmed);
        for (At<InnerCircuit.Load> l : wiring.all(InnerCircuit.Load.class)) {
            double times = electrics.drawTimes(l.part().id());
            if (times != 1) {
                changed = changed.adjusted(
                        node(l, l.of().plus()),
                        node(l, l.of().minus()),
                        Math.max(-0.999, times - 1) * draw(l) / l.of().volts());
            }
        }
        return changed;
    }

    private double[] solve(
            double batteryAmps, List<At<InnerCircuit.Regulator>> regulators, double[] target, double[] input) {
        double[] amps = new double[wiring.points().size()];
        wiring.plug().ifPresent(p -> {
            amps[p[0]] += batteryAmps;
            amps[p[1]] -= batteryAmps;
        });
        other.ifPresent(o -> {
            amps[o.plus()] += o.volts() / OUTPUT_OHMS;
            amps[o.minus()] -= o.volts() / OUTPUT_OHMS;
        });
        for (int k = 0; k < target.length; k++) {
            At<InnerCircuit.Regulator> r = regulators.get(k);
            int minus = node(r, r.of().minus());
            amps[node(r, r.of().out())] += target[k] / OUTPUT_OHMS;
            amps[minus] -= target[k] / OUTPUT_OHMS;
            if (network.connected(node(r, r.of().in()), minus)) {
                amps[node(r, r.of().in())] -= input[k];
                amps[minus] += input[k];
            }
        }
        return network.volts(amps);
    }

    /** Moves a regulator's voltage and input current towards where they belong. */
    private void adjust(At<InnerCircuit.Regulator> r, int k, double[] target, double[] input, double[] v) {
        int minus = node(r, r.of().minus());
        double in = network.connected(node(r, r.of().in()), minus) ? v[node(r, r.of().in())] - v[minus] : 0;
        double out = v[node(r, r.of().out())] - v[minus];
        double gives = (target[k] - out) / OUTPUT_OHMS;
        double limit = limit(r);
        double want = in < LEAST_INPUT_V || limit == 0 ? 0 : Math.min(r.of().volts(), in - DROPOUT_V);
        if (gives < 0 && out > r.of().volts()) {
            want = out;
        } else if (gives > 0 && target[k] > 0 && target[k] * limit / gives < want) {
            // At its limit: towards the voltage at which it would give just that, by half steps since loads follow.
            want = (target[k] + target[k] * limit / gives) / 2;
        }
        target[k] = want;
        double drawn = r.of().linear() ? gives : gives * Math.max(out, 0) / (EFFICIENCY * Math.max(in, LEAST_INPUT_V));
        input[k] = (input[k] + (in < LEAST_INPUT_V ? 0 : Math.max(0, Math.min(drawn, 2 * limit)))) / 2;
    }

    private double limit(At<InnerCircuit.Regulator> r) {
        return r.of().limitA() * electrics.regulatorShare(r.address(r.of().out()));
    }

    private int node(At<?> at, String pad) {
        return Circuits.node(wiring, at, pad);
    }

    /** Voltage from one point to another, volts; 0 where nothing joins them. */
    public double between(int plus, int minus) {
        return network.connected(plus, minus) ? volts[plus] - volts[minus] : 0;
    }

    /** Resistance behind the voltage from one point to another, ohms; infinite where nothing joins them. */
    public double ohms(int plus, int minus) {
        return network.ohms(plus, minus);
    }

    /** Whether a voltage, not negative, is that of a regulator or between two of them, within a share of it. */
    public boolean isBetweenRails(double volts, double share) {
        return outputs.stream()
                .anyMatch(one -> near(volts, one.volts(), share)
                        || outputs.stream()
                                .anyMatch(other -> near(volts, Math.abs(one.volts() - other.volts()), share)));
    }

    /**
     * Whether a voltage, not negative, is the battery's at rest or between that and a regulator, within a share of the
     * battery's.
     */
    public boolean isFromBattery(double volts, double share) {
        return Math.abs(volts - emf) < share * emf
                || outputs.stream().anyMatch(one -> Math.abs(volts - emf + one.volts()) < share * emf);
    }

    private static boolean near(double volts, double nominal, double share) {
        return nominal > 0 && Math.abs(volts - nominal) < share * nominal;
    }

    /** The supply voltage that a part has, volts; nothing for a part without a supply. */
    public Optional<Double> supply(Part part) {
        Optional<Integer> plus = wiring.find(part.id() + "." + supplyPad(part));
        Optional<Integer> minus = wiring.find(part.id() + "." + groundPad(part));
        return plus.isPresent() && minus.isPresent() ? Optional.of(between(plus.get(), minus.get())) : Optional.empty();
    }

    public static String supplyPad(Part part) {
        return firstPad(part, Pad.Kind.SUPPLY);
    }

    public static String groundPad(Part part) {
        return firstPad(part, Pad.Kind.GROUND);
    }

    private static String firstPad(Part part, Pad.Kind kind) {
        return part.archetype().pads().stream()
                .filter(p -> p.kind() == kind)
                .map(Pad::name)
                .findFirst()
                .orElse("");
    }

    /** Whether a part works: it is sound and has the voltage that it takes. */
    public boolean works(Part part) {
        double has = supply(part).orElse(0.0);
        return electrics.drawTimes(part.id()) > 0
                && has >= part.archetype().lowestV()
                && has <= 1.15 * part.archetype().highestV();
    }

    /** What flows out of the battery, amperes. */
    public double batteryA() {
        return batteryA;
    }

    /** Every regulator. */
    public List<Output> outputs() {
        return outputs;
    }

    /** What comes out at the battery plug, volts. */
    public double plugV() {
        return wiring.plug().map(p -> between(p[0], p[1])).orElse(0.0);
    }

    /** Voltage across a drive, volts. */
    public double driveV(At<InnerCircuit.Drive> d) {
        return between(node(d, d.of().plus()), node(d, d.of().minus()));
    }
}
